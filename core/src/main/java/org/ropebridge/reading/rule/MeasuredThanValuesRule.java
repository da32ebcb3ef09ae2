package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "are website stays longer than phone stays" [comparison that says what is measured] [values] ->
 * values said before are set beside, by the average of the number that it measures
 */
final class MeasuredThanValuesRule extends Rule {
  MeasuredThanValuesRule() {
    super(Slot.a(Meaning.MeasuredThanWord.class), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    scope
        .onlyMeasuredBy(values.column().table(), match.get(0, Meaning.MeasuredThanWord.class))
        .<Measure>map(number -> Measure.Statistic.of(Measure.Kind.AVERAGE, number))
        .map(average -> new Contribution.BesideValues(values, Optional.of(average), false))
        .ifPresent(out);
  }
}
