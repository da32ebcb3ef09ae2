package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "stoppages that are still open", "ongoing callouts" [open] [noun of rows that come to an end]
 * [open] -> rows whose end has not come
 */
final class OpenRowsRule extends Rule {
  OpenRowsRule() {
    super(
        Slot.word(Role.OPEN).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.OPEN).maybe());
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    if (match.has(0) != match.has(3)) {
      scope.notOver(table).ifPresent(f -> out.accept(new Contribution.NounWith(table, f)));
    }
  }
}
