package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "which of them joined first" [which] [those] [date, as a participle] [most recently, or first] ->
 * of what the answer before shows, the one at that end of the date
 */
final class FirstOfThoseRule extends Rule {
  FirstOfThoseRule() {
    super(
        Slot.word(Role.WHO, Role.WHICH),
        Slot.word(Role.THOSE),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.RECENTLY, Role.FIRST));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(3, Meaning.ColumnName.class).column();
    if (match.isParticiple(3) && scope.isTemporal(date)) {
      out.accept(new Contribution.EndOfThose(date, match.isWord(4, Role.RECENTLY)));
    }
  }
}
