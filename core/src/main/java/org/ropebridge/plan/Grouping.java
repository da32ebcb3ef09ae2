package org.ropebridge.plan;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;

/** What the rows of an answer stand for. */
public sealed interface Grouping extends Plan.SortKey {

  /** Those of the groupings that are stretches of the calendar, not parts that come back. */
  static List<ByTime> stretches(List<Grouping> groupings) {
    return groupings.stream()
        .filter(g -> g instanceof ByTime t && t.unit().isStretch())
        .map(g -> (ByTime) g)
        .toList();
  }

  /** One row for each value of a column; for a naming column, for each row that it names. */
  record ByColumn(ColumnRef column) implements Grouping {}

  /**
   * One row for each span of time.
   *
   * @param date the date column meant; empty for each measure's own
   */
  record ByTime(TimeUnit unit, Optional<ColumnRef> date) implements Grouping {}

  /**
   * One row for each range of a number, all as wide as {@code width}, counted from zero.
   *
   * @param width more than 0, in the column's unit
   */
  record BySteps(ColumnRef column, BigDecimal width) implements Grouping {
    public BySteps {
      width = new BigDecimal(width.stripTrailingZeros().toPlainString());
      if (width.signum() <= 0) {
        throw new IllegalArgumentException("steps are wider than 0");
      }
    }
  }

  /**
   * One row for each range of a number, and one for what is below the first edge.
   *
   * @param edges where ranges begin, rising
   */
  record ByBands(ColumnRef column, List<BigDecimal> edges) implements Grouping {
    public ByBands {
      edges =
          edges.stream().map(e -> new BigDecimal(e.stripTrailingZeros().toPlainString())).toList();
      if (edges.isEmpty()) {
        throw new IllegalArgumentException("bands need an edge");
      }
      for (int i = 1; i < edges.size(); i++) {
        if (edges.get(i - 1).compareTo(edges.get(i)) >= 0) {
          throw new IllegalArgumentException("the edges of bands must rise");
        }
      }
    }
  }

  /**
   * One row for each of some words that a text mentions, the first that it has, and one for texts
   * with none of them.
   */
  record ByWords(ColumnRef column, List<String> words) implements Grouping {
    public ByWords {
      words = List.copyOf(words);
      if (words.isEmpty()) {
        throw new IllegalArgumentException("there are no words to group by");
      }
    }
  }

  /** One row for what meets a condition and one for what does not. */
  record ByCondition(String table, String condition) implements Grouping {}
}
