package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "more than 60% full" [comparison] [adjective of a metric] -> keeps groups whose metric compares
 * so
 */
final class KeepQualityRule extends Rule {
  KeepQualityRule() {
    super(
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.Comparing.class),
        Slot.a(Meaning.QualityWord.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure measure = new Measure.MetricValue(match.get(2, Meaning.QualityWord.class).metric());
    Keeps.compared(measure, match.get(1, Phrase.Comparing.class), scope)
        .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
  }
}
