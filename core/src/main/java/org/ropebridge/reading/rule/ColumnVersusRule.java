package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "occupancy vs altitude" [measure or column] [versus] [column or measure] -> both, over the rows
 * that they have in common
 */
final class ColumnVersusRule extends Rule {
  ColumnVersusRule() {
    super(
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.VERSUS),
        Slot.a(Part.class, Operands::isOperandOrColumn));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean column =
        match.find(0, Meaning.ColumnName.class).isPresent()
            || match.find(2, Meaning.ColumnName.class).isPresent();
    Optional<Measure.Plain> first = Operands.find(match.get(0, Part.class), scope);
    Optional<Measure.Plain> second = Operands.find(match.get(2, Part.class), scope);
    if (!column || first.isEmpty() || second.isEmpty() || first.equals(second)) {
      return;
    }
    Operands.commonParts(first.get(), second.get(), scope)
        .ifPresent(
            parts ->
                out.accept(new Contribution.Ordered(parts, List.of(first.get(), second.get()))));
  }
}
