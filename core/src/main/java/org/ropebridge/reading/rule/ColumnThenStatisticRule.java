package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "load cost median", "bed count summed up" [number column] [statistic] -> that statistic of the
 * column
 */
final class ColumnThenStatisticRule extends Rule {
  ColumnThenStatisticRule() {
    super(
        Slot.a(Meaning.ColumnName.class), Slot.a(Part.class, ColumnThenStatisticRule::isStatistic));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    boolean average =
        match
            .find(1, Meaning.StatisticWord.class)
            .filter(w -> w.kind() == Measure.Kind.AVERAGE)
            .isPresent();
    boolean told = !average || !scope.addsUp(column);
    if (scope.holds(column, Column.Holds.NUMBER) && match.adjoins(1) && told) {
      Measure.Statistic of =
          match.get(1, Part.class) instanceof Meaning.StatisticWord word
              ? Measure.Statistic.of(word.kind(), column)
              : percentile(match.get(1, Phrase.Statistics.class), column);
      out.accept(Contribution.Measures.of(of));
    }
  }

  private static Measure.Statistic percentile(Phrase.Statistics asked, ColumnRef column) {
    Phrase.Statistic only = asked.statistics().get(0);
    return new Measure.Statistic(only.kind(), column, only.percentile());
  }

  private static boolean isStatistic(Part part) {
    return part instanceof Meaning.StatisticWord
        || part instanceof Phrase.Statistics asked && asked.isJust(Measure.Kind.PERCENTILE);
  }
}
