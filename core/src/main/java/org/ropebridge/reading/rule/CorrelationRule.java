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
    together(match, 1, 3, 5, scope).ifPresent(out);
  }

  /**
   * How closely two measures go together; empty where they cannot be set side by side.
   *
   * @param one the slot of the first
   * @param other the slot of the second
   * @param parts the slot of what they are told for, which may be empty
   */
  static Optional<Contribution.Measures> together(
      Match match, int one, int other, int parts, Scope scope) {
    Optional<Measure.Plain> first = Operands.find(match.get(one, Part.class), scope);
    Optional<Measure.Plain> second = Operands.find(match.get(other, Part.class), scope);
    if (first.isEmpty() || second.isEmpty() || first.equals(second)) {
      return Optional.empty();
    }
    Optional<Grouping> over =
        match
            .find(parts, Phrase.Groupable.class)
            .map(Phrase.Groupable::grouping)
            .or(() -> Operands.commonPartsOrMonths(first.get(), second.get(), scope));
    return over.map(
        p -> Contribution.Measures.of(new Measure.Correlation(first.get(), second.get(), p)));
  }
}
