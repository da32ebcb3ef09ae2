package org.ropebridge.plan;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.ropebridge.model.ColumnRef;

/** Which rows of the tables count. */
public sealed interface Filter {
  /** The same by a certain date, where it is a filter by time that names none. */
  default Filter onDate(ColumnRef date) {
    if (this instanceof InPeriod in && in.date().isEmpty()) {
      return new InPeriod(in.period(), Optional.of(date), in.negated());
    } else if (this instanceof Recurring on && on.date().isEmpty()) {
      return new Recurring(on.part(), on.numbers(), Optional.of(date), on.negated());
    }
    return this;
  }

  /** The rows that it leaves out, where it says which those are. */
  default Optional<Filter> leftOut() {
    if (this instanceof InValues f && f.negated()) {
      return Optional.of(new InValues(f.column(), f.values(), false));
    } else if (this instanceof Meets f && f.negated()) {
      return Optional.of(new Meets(f.table(), f.condition(), false));
    } else if (this instanceof IsTrue f && f.negated()) {
      return Optional.of(new IsTrue(f.column(), false));
    } else if (this instanceof Missing f) {
      return Optional.of(new Missing(f.column(), !f.negated()));
    } else if (this instanceof HasText f && f.negated()) {
      return Optional.of(new HasText(f.column(), f.where(), f.text(), false));
    } else if (this instanceof InPeriod f && f.negated()) {
      return Optional.of(new InPeriod(f.period(), f.date(), false));
    } else if (this instanceof Recurring f && f.negated()) {
      return Optional.of(new Recurring(f.part(), f.numbers(), f.date(), false));
    } else if (this instanceof Having f) {
      return Optional.of(
          new Having(f.anchor(), f.table(), f.role(), f.filters(), f.count(), !f.negated()));
    } else if (this instanceof Among f) {
      return Optional.of(new Among(f.column(), f.plan(), !f.negated()));
    }
    return Optional.empty();
  }

  /** The column whose values it looks at, other than a date that it sets a time for. */
  default Optional<ColumnRef> narrowedColumn() {
    if (this instanceof InValues f) {
      return Optional.of(f.column());
    } else if (this instanceof Compare f) {
      return Optional.of(f.column());
    } else if (this instanceof IsTrue f) {
      return Optional.of(f.column());
    } else if (this instanceof Missing f) {
      return Optional.of(f.column());
    } else if (this instanceof HasText f) {
      return Optional.of(f.column());
    }
    return this instanceof Among f ? Optional.of(f.column()) : Optional.empty();
  }

  /** The table whose rows it looks at, where it says so itself. */
  default Optional<String> narrowedTable() {
    return this instanceof Meets f
        ? Optional.of(f.table())
        : narrowedColumn().map(ColumnRef::table);
  }

  /** The same over the days so far, where it is a unit of the calendar that is not over. */
  default Filter soFar() {
    return this instanceof InPeriod in
            && in.period() instanceof Period.Relative relative
            && relative.equals(Period.Relative.current(relative.unit()))
            && relative.unit() != Period.Unit.DAY
        ? new InPeriod(new Period.ToDate(relative.unit()), in.date(), in.negated())
        : this;
  }

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

    /** The same of these values or others, each once. */
    public InValues or(List<String> others) {
      return new InValues(
          column, Stream.concat(values.stream(), others.stream()).distinct().toList(), negated);
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
      Bound bound = new Bound(comparison, low, high);
      low = bound.low();
      high = bound.high();
    }
  }

  /** Rows that meet a named condition of a table. Negated, it keeps rows that are undecided. */
  record Meets(String table, String condition, boolean negated) implements Filter {}

  /** A yes-or-no column that is true, or negated, that is not. */
  record IsTrue(ColumnRef column, boolean negated) implements Filter {}

  /** Rows that have no value in a column; negated, those that have one. */
  record Missing(ColumnRef column, boolean negated) implements Filter {}

  /**
   * Rows whose text has some words in it, whatever their case. Negated, it keeps rows without text.
   *
   * @param text not blank
   */
  record HasText(ColumnRef column, Where where, String text, boolean negated) implements Filter {
    public HasText {
      if (text.isBlank()) {
        throw new IllegalArgumentException("there is no text to look for");
      }
    }
  }

  /**
   * Rows in a period.
   *
   * @param date the date column meant; empty for each measure's own
   */
  record InPeriod(Period period, Optional<ColumnRef> date, boolean negated) implements Filter {}

  /**
   * Rows at times that come again: on Mondays, in any July, between 18 and 22 o'clock.
   *
   * @param part days of the week (1 to 7 from Monday), months of the year (1 to 12) or hours of the
   *     day (0 to 23)
   * @param numbers which of them; not empty
   * @param date the date column meant; empty for each measure's own
   */
  record Recurring(TimeUnit part, Set<Integer> numbers, Optional<ColumnRef> date, boolean negated)
      implements Filter {
    /** Rows on some days of the week. */
    public static Recurring on(Set<DayOfWeek> days, boolean negated) {
      Set<Integer> numbers = new TreeSet<>();
      days.forEach(d -> numbers.add(d.getValue()));
      return new Recurring(TimeUnit.DAY_OF_WEEK, numbers, Optional.empty(), negated);
    }

    public Recurring {
      numbers = Collections.unmodifiableSet(new TreeSet<>(numbers));
      if (numbers.isEmpty() || part.isStretch()) {
        throw new IllegalArgumentException("nothing that comes again: " + part + numbers);
      }
    }

    /** Rows in some months of any year. */
    public static Recurring in(Set<Integer> months, boolean negated) {
      return new Recurring(TimeUnit.MONTH_OF_YEAR, months, Optional.empty(), negated);
    }
  }

  /**
   * Rows that belong to a row of one table at which some row of another points: "huts with callouts
   * this year". Negated, those without any.
   *
   * @param anchor the table that is pointed at, reached from the rows that count
   * @param table the table whose rows point at it
   * @param role {@code table.link} on the way from {@code table} to {@code anchor}, where it needs
   *     one
   * @param filters what the pointing rows must meet
   * @param count how many such rows there must be; at least one where it is empty
   */
  record Having(
      String anchor,
      String table,
      Optional<String> role,
      List<Filter> filters,
      Optional<Bound> count,
      boolean negated)
      implements Filter {
    public Having {
      filters = List.copyOf(filters);
    }

    /** Rows at which at least one points, or none. */
    public Having(
        String anchor, String table, Optional<String> role, List<Filter> filters, boolean negated) {
      this(anchor, table, role, filters, Optional.empty(), negated);
    }

    /** The same with another way from the rows that point, or other filters of theirs. */
    public Having with(Optional<String> otherRole, List<Filter> otherFilters) {
      return new Having(anchor, table, otherRole, otherFilters, count, negated);
    }
  }

  /**
   * Rows whose value is one that another plan finds: "for the hut with the lowest occupancy".
   *
   * @param column a naming column, or any column that the plan groups by
   * @param plan groups by that column, or lists rows of its table
   */
  record Among(ColumnRef column, Plan plan, boolean negated) implements Filter {}

  /** Where in a text words are looked for. */
  enum Where {
    ANYWHERE,
    AT_START,
    AT_END
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
