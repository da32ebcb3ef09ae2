package org.ropebridge.reading.rule;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Measure;

/**
 * "average repair cost" [statistic] [metric that sums a column of the rows by whose noun it is
 * called] -> the statistic of the column
 */
final class AverageOfSumRule extends Rule {
  private static final Pattern SUM =
      Pattern.compile("sum\\(\\s*(\\w+)\\s*\\)", Pattern.CASE_INSENSITIVE);

  AverageOfSumRule() {
    super(
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() != Measure.Kind.SUM),
        Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Metric metric = scope.model().metric(match.get(1, Meaning.MetricName.class).metric());
    summed(metric, scope.model())
        .ifPresent(
            column ->
                out.accept(
                    Contribution.Measures.of(
                        Measure.Statistic.of(
                            match.get(0, Meaning.StatisticWord.class).kind(), column))));
  }

  /** The column that the metric is the plain sum of, where it is called by the rows' noun. */
  private static Optional<ColumnRef> summed(Metric metric, Model model) {
    Matcher sum = SUM.matcher(metric.sql().strip());
    if (metric.table().isEmpty() || !sum.matches()) {
      return Optional.empty();
    }
    String table = metric.table().get();
    String noun = model.table(table).rowNoun().toLowerCase(Locale.ROOT);
    boolean calledSo = metric.label().toLowerCase(Locale.ROOT).contains(noun);
    return model
        .table(table)
        .findColumn(sum.group(1))
        .filter(c -> calledSo && c.holds() == Column.Holds.NUMBER)
        .map(c -> ColumnRef.of(table, c.name()));
  }
}
