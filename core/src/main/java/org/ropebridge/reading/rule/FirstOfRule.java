package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "just the first three", "only the first", "the last five" [only] [first or last] [number] -> so
 * many rows from that end
 */
final class FirstOfRule extends Rule {
  FirstOfRule() {
    super(
        Slot.word(Role.ONLY).maybe(),
        Slot.a(Part.class, FirstOfRule::isEnd),
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
    boolean last = match.isWord(1, Role.LAST);
    if (count > 0 && (!last || match.has(2))) {
      out.accept(new Contribution.FirstOf(count, last));
    }
  }

  private static boolean isEnd(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.FIRST))
        || part.equals(new Meaning.FunctionWord(Role.LAST));
  }
}
