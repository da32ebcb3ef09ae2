package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "only 10", "limit to 10", "10 rows" [limit] [number] [rows] -> so many rows from the top */
final class RowLimitRule extends Rule {
  RowLimitRule() {
    super(
        Slot.word(Role.ONLY, Role.LIMIT).maybe(),
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.ROWS_WORD, Role.ONLY).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) || match.has(2)) {
      Named.count(match.get(1, Meaning.NumberWord.class).number())
          .ifPresent(n -> out.accept(new Contribution.FirstOf(n, false)));
    }
  }
}
