package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Plan;

/**
 * "above average revenue", "more than the average number of stays" [above average] [measure] ->
 * keeps groups above the mean
 */
final class AboveAverageMeasureRule extends Rule {
  AboveAverageMeasureRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.SHOWING).maybe(),
        Slot.a(Phrase.BesideAverage.class),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Keeping(
            new Plan.Keep(
                Operands.of(match.get(2, Part.class)),
                new Plan.BesideAverage(match.get(1, Phrase.BesideAverage.class).above())),
            false));
  }
}
