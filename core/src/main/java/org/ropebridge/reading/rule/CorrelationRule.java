package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "correlation of altitude with occupancy over each hut" [correlation] [measure] [with] [measure]
 * [over each] [something to group by] -> how closely both go together
 */
final class CorrelationRule extends Rule {
  CorrelationRule() {
    super(
        Slot.word(Role.CORRELATION),
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.PREPOSITION, Role.AND, Role.TO, Role.VERSUS),
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.OVER_EACH, Role.BY, Role.PER).maybe(),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(4) != match.has(5)) {
      return;
    }
    Optional<Measure.Plain> first = Operands.find(match.get(1, Part.class), scope);
    Optional<Measure.Plain> second = Operands.find(match.get(3, Part.class), scope);
    if (first.isEmpty() || second.isEmpty() || first.equals(second)) {
      return;
    }
    Optional<Grouping> over =
        match
            .find(5, Phrase.Groupable.class)
            .map(Phrase.Groupable::grouping)
            .or(() -> Operands.commonPartsOrMonths(first.get(), second.get(), scope));
    over.ifPresent(
        parts ->
            out.accept(
                Contribution.Measures.of(
                    new Measure.Correlation(first.get(), second.get(), parts))));
  }
}
