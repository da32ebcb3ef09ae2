package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Plan;

/**
 * "huts above the average in revenue" [above average] [by] [measure] -> keeps groups above the mean
 */
final class AboveAverageInRule extends Rule {
  AboveAverageInRule() {
    super(
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.BesideAverage.class),
        Slot.word(Role.BY, Role.PREPOSITION),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Keeping(
            new Plan.Keep(
                Operands.of(match.get(3, Part.class)),
                new Plan.BesideAverage(match.get(1, Phrase.BesideAverage.class).above())),
            false));
  }
}
