package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "why do people complain", "why do members book" [why] [do] [who] [noun of rows, as what is done]
 * -> those rows by the column that tells why
 */
final class WhyDoThatRule extends Rule {
  WhyDoThatRule() {
    super(
        Slot.word(Role.WHY_DONE),
        Slot.word(Role.AUXILIARY).maybe(),
        Slot.a(Part.class, WhyDoThatRule::mayDo).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(3, Meaning.RowNoun.class).table();
    boolean theirs =
        match
            .find(2, Meaning.RowNoun.class)
            .map(who -> scope.pointsAt(table, who.table()))
            .orElse(true);
    if (theirs && !match.isPlural(3)) {
      scope.reason(table).map(Contribution::rowsBy).ifPresent(out);
    }
  }

  private static boolean mayDo(Part part) {
    return part instanceof Meaning.RowNoun || part.equals(new Meaning.FunctionWord(Role.EVERYONE));
  }
}
