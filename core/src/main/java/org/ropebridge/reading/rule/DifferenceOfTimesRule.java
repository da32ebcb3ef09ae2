package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "difference between revenue in May and June" [difference] [measure] [period] [and] [period] ->
 * the change from the earlier to the later
 */
final class DifferenceOfTimesRule extends Rule {
  DifferenceOfTimesRule() {
    super(
        Slot.word(Role.DIFFERENCE),
        Slot.a(Contribution.Measures.class, Operands::isOperand),
        Slot.word(Role.PREPOSITION, Role.BETWEEN, Role.FROM).maybe(),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND, Role.TO),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(3, Phrase.Time.class);
    Phrase.Time two = match.get(5, Phrase.Time.class);
    Contribution moved =
        new Contribution.Moved(Measure.Move.CHANGE, Operands.of(match.get(1, Part.class)));
    out.accept(
        new Contribution.Together(
            List.of(moved, new Contribution.FromTo(Times.withYearOf(one, two, scope), two))));
  }
}
