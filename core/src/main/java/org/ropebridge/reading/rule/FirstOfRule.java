package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "just the first three", "only the first" [only] [first] [number] -> so many rows from the top */
final class FirstOfRule extends Rule {
  FirstOfRule() {
    super(
        Slot.word(Role.ONLY).maybe(),
        Slot.a(Part.class, FirstOfRule::isFirst),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.word(Role.ROWS_WORD).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int count =
        match.has(2) ? Named.count(match.get(2, Meaning.NumberWord.class).number()).orElse(0) : 1;
    if (count > 0) {
      out.accept(new Contribution.FirstOf(count));
    }
  }

  private static boolean isFirst(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.FIRST));
  }
}
