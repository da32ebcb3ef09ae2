package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "with more callouts than average" [more or less] [measure] [than] [the average] -> keeps groups
 * above the mean, or below
 */
final class MoreThanAverageRule extends Rule {
  MoreThanAverageRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.WITH).maybe(),
        Slot.a(Meaning.ComparativeWord.class),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.VERSUS),
        Slot.a(Meaning.LevelWord.class, l -> l.level() == Measure.Level.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contrast way = match.get(1, Meaning.ComparativeWord.class).contrast();
    if (way == Contrast.MORE || way == Contrast.LESS) {
      out.accept(
          new Contribution.Keeping(
              new Plan.Keep(
                  Operands.of(match.get(2, Part.class)),
                  new Plan.BesideAverage(way == Contrast.MORE)),
              false));
    }
  }
}
