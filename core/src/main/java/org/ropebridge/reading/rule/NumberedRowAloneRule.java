package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "policy 17", "show policy 17" [list] [noun] [number] -> the row with that number, with all that
 * is known of it
 */
final class NumberedRowAloneRule extends Rule {
  NumberedRowAloneRule() {
    super(
        Slot.word(Role.LIST, Role.DETAILS).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.55;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    NumberedRowRule.numbered(match, 1, 2, scope)
        .ifPresent(
            row ->
                out.accept(new Contribution.Rows(row.table(), List.of(), List.of(row.filter()))));
  }
}
