package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "growth by valley" [movement] [by] [breakdown] -> how what the author thinks most of moved,
 * broken down
 */
final class MovedByRule extends Rule {
  MovedByRule() {
    super(
        Slot.a(Meaning.MoveWord.class),
        Slot.word(Role.BY, Role.PER),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() > 0) {
      return;
    }
    scope
        .model()
        .preferences()
        .topBy()
        .ifPresent(
            metric ->
                out.accept(
                    new Contribution.MovedBy(
                        match.get(0, Meaning.MoveWord.class).move(),
                        new Measure.MetricValue(metric),
                        match.get(2, Phrase.Groupable.class).grouping())));
  }
}
