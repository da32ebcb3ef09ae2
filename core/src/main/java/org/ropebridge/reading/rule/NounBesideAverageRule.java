package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "huts above the average" [noun] [above average] -> the rows above the mean of what the author
 * prefers
 */
final class NounBesideAverageRule extends Rule {
  NounBesideAverageRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.BesideAverage.class));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    scope
        .model()
        .preferences()
        .topBy()
        .map(Measure.MetricValue::new)
        .ifPresent(
            by ->
                out.accept(
                    new Contribution.Grouped(
                        table,
                        new Plan.Keep(
                            by,
                            new Plan.BesideAverage(
                                match.get(2, Phrase.BesideAverage.class).above())))));
  }
}
