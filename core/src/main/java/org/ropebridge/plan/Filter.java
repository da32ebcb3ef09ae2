package org.ropebridge.plan;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.ColumnRef;

/** Which rows of the tables count. */
public sealed interface Filter {

  /**
   * Rows with one of the stored values. Negated, it keeps rows that have no value.
   *
   * @param values stored values, never empty
   */
  record InValues(ColumnRef column, List<String> values, boolean negated) implements Filter {
    public InValues {
      values = List.copyOf(values);
      if (values.isEmpty()) {
        throw new IllegalArgumentException("a value filter needs a value");
      }
    }
  }

  /**
   * Rows whose number compares so.
   *
   * @param high upper end of {@link Comparison#BETWEEN}, which includes both ends
   */
  record Compare(ColumnRef column, Comparison comparison, BigDecimal low, Optional<BigDecimal> high)
      implements Filter {
    public Compare {
      low = plain(low);
      high = high.map(Compare::plain);
      if ((comparison == Comparison.BETWEEN) != high.isPresent()) {
        throw new IllegalArgumentException("only between has two ends");
      }
    }

    private static BigDecimal plain(BigDecimal number) {
      return new BigDecimal(number.stripTrailingZeros().toPlainString());
    }
  }

  /** Rows that meet a named condition of a table. Negated, it keeps rows that are undecided. */
  record Meets(String table, String condition, boolean negated) implements Filter {}

  /** A yes-or-no column that is true, or negated, that is not. */
  record IsTrue(ColumnRef column, boolean negated) implements Filter {}

  /**
   * Rows in a period.
   *
   * @param date the date column meant; empty for each measure's own
   */
  record InPeriod(Period period, Optional<ColumnRef> date, boolean negated) implements Filter {}

  /**
   * Rows on some days of the week.
   *
   * @param date the date column meant; empty for each measure's own
   */
  record OnWeekdays(Set<DayOfWeek> days, Optional<ColumnRef> date, boolean negated)
      implements Filter {
    public OnWeekdays {
      days = java.util.Collections.unmodifiableSet(java.util.EnumSet.copyOf(days));
    }
  }

  /** How two numbers compare. */
  enum Comparison {
    MORE_THAN,
    AT_LEAST,
    LESS_THAN,
    AT_MOST,
    EQUAL_TO,
    BETWEEN
  }
}
