package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "email is missing", "member unknown" [column] [missing] -> rows without a value */
final class ColumnMissingRule extends Rule {
  ColumnMissingRule() {
    super(
        Slot.a(Part.class, MissingRule::canBeMissing),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.ABSENT, Role.KNOWN));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    MissingRule.column(match.get(0, Part.class), scope)
        .ifPresent(
            c ->
                out.accept(
                    new Contribution.Narrowing(
                        new Filter.Missing(c, match.isWord(2, Role.KNOWN)))));
  }
}
