package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "huts higher than average" [noun] [longer, heavier ... than] [the average] -> its rows whose only
 * number that measures so is above the mean, or below
 */
final class HigherThanAverageRule extends Rule {
  HigherThanAverageRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.MeasuredThanWord.class),
        Slot.a(Meaning.LevelWord.class, l -> l.level() == Measure.Level.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Meaning.MeasuredThanWord word = match.get(2, Meaning.MeasuredThanWord.class);
    Optional<ColumnRef> column = scope.onlyMeasuredBy(table, word);
    if (column.isPresent()) {
      boolean above = word.comparison() == Filter.Comparison.MORE_THAN;
      out.accept(
          new Contribution.Grouped(
              table,
              new Plan.Keep(
                  new Measure.Statistic(Measure.Kind.AVERAGE, column.get(), 0),
                  new Plan.BesideAverage(above))));
    }
  }
}
