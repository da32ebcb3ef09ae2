package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;

/** Parts that are on the way to a contribution. */
sealed interface Phrase extends Part {

  /** A number and perhaps its unit. */
  record Amount(BigDecimal number, Optional<String> unit) implements Phrase {}

  /** "more than 3 nights", still without a column. */
  record Comparing(
      Filter.Comparison comparison,
      BigDecimal low,
      Optional<BigDecimal> high,
      Optional<String> unit)
      implements Phrase {}

  /**
   * A stretch of time.
   *
   * @param yearSaid whether the words fix the year
   */
  record Time(Period period, boolean yearSaid) implements Phrase {}

  /** Days of the week. */
  record Weekdays(Set<DayOfWeek> days) implements Phrase {
    public Weekdays {
      days = Set.copyOf(days);
    }
  }

  /** Values of one column. */
  record Values(ColumnRef column, List<String> stored) implements Phrase {
    public Values {
      stored = List.copyOf(stored);
    }
  }

  /** Something to group by, without "by". */
  record Groupable(Grouping grouping) implements Phrase {}

  /** Statistics waiting for their column. */
  record Statistics(List<Statistic> statistics) implements Phrase {
    public Statistics {
      statistics = List.copyOf(statistics);
    }
  }

  /** A statistic and its percentile, 0 for none. */
  record Statistic(Measure.Kind kind, int percentile) {}

  /** "top 5", "bottom three", "best", still without what is ranked. */
  record RankHead(Contribution.Direction direction, Optional<Integer> count) implements Phrase {}
}
