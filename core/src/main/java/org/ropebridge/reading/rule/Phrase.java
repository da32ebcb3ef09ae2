package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** Parts that are on the way to a contribution. */
public sealed interface Phrase extends Part {

  /** A number and perhaps its unit. */
  record Amount(BigDecimal number, Optional<String> unit) implements Phrase {}

  /** "more than 3 nights", still without a column. */
  record Comparing(
      Filter.Comparison comparison,
      BigDecimal low,
      Optional<BigDecimal> high,
      Optional<String> unit)
      implements Phrase {
    /** The same in each of the units that the model counts such a span of time in. */
    static void ofSpans(
        Filter.Comparison comparison,
        Optional<Meaning.NumberWord> number,
        Meaning.TimeUnitWord unit,
        Scope scope,
        Consumer<Part> out) {
      BigDecimal count = number.map(Meaning.NumberWord::number).orElse(BigDecimal.ONE);
      scope
          .dimensions()
          .unitsIn(unit.period().orElseThrow())
          .forEach(
              (name, times) ->
                  out.accept(
                      new Comparing(
                          comparison,
                          count.multiply(BigDecimal.valueOf(times)),
                          Optional.empty(),
                          Optional.of(name))));
    }

    /** Rows whose number in the column compares so. */
    Filter of(ColumnRef column) {
      return new Filter.Compare(column, comparison, low, high);
    }
  }

  /**
   * "more than 2 years": a comparison with whole years, in days.
   *
   * @param days 365 for each year
   */
  record ComparingYears(Filter.Comparison comparison, BigDecimal days) implements Phrase {
    /** Rows whose number of days in the column compares so. */
    Filter of(ColumnRef column) {
      return new Filter.Compare(column, comparison, days, Optional.empty());
    }
  }

  /**
   * A stretch of time.
   *
   * @param yearSaid whether the words fix the year
   */
  record Time(Period period, boolean yearSaid) implements Phrase {}

  /** "above that of Larkspur", "the same as that of Larkspur": a comparison with one group. */
  record BesideGroup(Plan.Test test, ColumnRef column) implements Phrase {
    BesideGroup(boolean above, ColumnRef column, String value) {
      this(new Plan.BesideGroup(above, column, value), column);
    }
  }

  /** "top 10 %": so many of every hundred. */
  record RankShare(Contribution.Direction direction, BigDecimal percent) implements Phrase {}

  /**
   * Times with others between them, in their order: "January and March".
   *
   * @param times stretches with both ends, none of which overlap
   */
  record TimesApart(List<DayRange> times) implements Phrase {
    public TimesApart {
      times = List.copyOf(times);
    }
  }

  /** An hour of the day, 0 to 24. */
  record Clock(int hour) implements Phrase {}

  /** Hours of the day, from one to before another, which may be on the next day. */
  record Hours(int from, int to) implements Phrase {}

  /** Months of any year. */
  record Months(Set<Integer> numbers) implements Phrase {
    public Months {
      numbers = Set.copyOf(numbers);
    }
  }

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

    /** Rows that have one of them, or none. */
    Filter.InValues filter(boolean negated) {
      return new Filter.InValues(column, stored, negated);
    }
  }

  /**
   * Rows that are called by a value: "emergencies". In a chart it stands wherever a noun may, and
   * what it keeps goes along with whatever is made of it.
   */
  record CalledRows(Meaning.RowNoun noun, Filter kept) implements Phrase {}

  /**
   * A time in which rows began to be: "older than 10 years".
   *
   * @param inYears whether it was said in years, which are no times of day
   */
  record Began(Period period, boolean inYears) implements Phrase {}

  /** Something to group by, without "by". */
  record Groupable(Grouping grouping) implements Phrase {}

  /**
   * Statistics waiting for their column.
   *
   * @param ofSize whether they ask for what is largest or smallest, which no date is
   * @param dimension what the words measure, such as "time"; empty for any
   */
  record Statistics(List<Statistic> statistics, boolean ofSize, String dimension)
      implements Phrase {
    public Statistics {
      statistics = List.copyOf(statistics);
    }

    public Statistics(List<Statistic> statistics) {
      this(statistics, false, "");
    }

    /** The statistics of a column, each once. */
    List<Measure> of(ColumnRef column) {
      return statistics.stream()
          .<Measure>map(s -> new Measure.Statistic(s.kind(), column, s.percentile()))
          .distinct()
          .toList();
    }

    boolean isJust(Measure.Kind kind) {
      return statistics.size() == 1 && statistics.get(0).kind() == kind;
    }
  }

  /** A statistic and its percentile, 0 for none. */
  record Statistic(Measure.Kind kind, int percentile) {}

  /** "top 5", "bottom three", "best", still without what is ranked. */
  record RankHead(Contribution.Direction direction, Optional<Integer> count) implements Phrase {}

  /** A date in the past that a measure is compared with. */
  record EarlierTime(Measure.Earlier earlier, Optional<Period.Unit> of, boolean sameDays)
      implements Phrase {
    /** Every measure beside its value then. */
    Contribution.Versus versus() {
      return new Contribution.Versus(earlier, of, sameDays);
    }
  }

  /** "above the average", still without what is. */
  record BesideAverage(boolean above) implements Phrase {}

  /** Columns one after the other. */
  record ColumnList(List<ColumnRef> columns) implements Phrase {
    public ColumnList {
      columns = List.copyOf(columns);
    }
  }

  /**
   * Words in quotes, or of no other meaning.
   *
   * @param quoted whether they stand in quotes, as all of them do or none
   */
  record Texts(List<String> texts, boolean quoted) implements Phrase {
    public Texts {
      texts = List.copyOf(texts);
    }
  }

  /** Numbers one after the other. */
  record Numbers(List<BigDecimal> numbers) implements Phrase {
    public Numbers {
      numbers = List.copyOf(numbers);
    }
  }

  /** "cancelled stays": the rows of a table, or those that meet the filters. */
  record SomeRows(String table, List<Filter> among) implements Phrase {
    public SomeRows {
      among = List.copyOf(among);
    }

    /** What a slot names, its filters last, of those that other slots keep. */
    static SomeRows of(Match match, int noun, int... filters) {
      List<Filter> among = new ArrayList<>();
      for (int slot : filters) {
        match.find(slot, Contribution.Narrowing.class).ifPresent(n -> among.add(n.filter()));
      }
      Optional<Contribution.NounWith> some = match.find(noun, Contribution.NounWith.class);
      some.ifPresent(n -> among.add(n.filter()));
      String table =
          some.map(Contribution.NounWith::table)
              .orElseGet(() -> match.get(noun, Meaning.RowNoun.class).table());
      return new SomeRows(table, among);
    }

    /** Whether the part can name them. */
    static boolean isNamedBy(Part part) {
      return part instanceof Meaning.RowNoun || part instanceof Contribution.NounWith;
    }

    /** What is told of their number, and that it is of them. */
    Contribution with(Contribution told) {
      if (among.isEmpty()) {
        return told;
      }
      List<Contribution> parts = new ArrayList<>(List.of(told));
      among.forEach(f -> parts.add(new Contribution.Narrowing(f)));
      return new Contribution.Together(parts);
    }
  }

  /** One measure in brackets. */
  record EnclosedMeasure(Measure.Plain measure) implements Phrase {}

  /** A figure in brackets, which nothing more is computed from. */
  record EnclosedFigure(Measure.Figure measure) implements Phrase {}

  /** Filters in brackets. */
  record EnclosedFilters(List<Filter> filters) implements Phrase {
    public EnclosedFilters {
      filters = List.copyOf(filters);
    }
  }

  /** A whole question in brackets. */
  record EnclosedPlan(Plan plan) implements Phrase {}

  /** Rows of a table in brackets: "(callouts in 2025)". */
  record EnclosedRows(String table, Optional<String> role, List<Filter> filters) implements Phrase {
    public EnclosedRows {
      filters = List.copyOf(filters);
    }
  }

  /** A moving average over so many of a unit. */
  record Spanned(Measure measure, TimeUnit unit) implements Phrase {}

  /** Edges between ranges of numbers. */
  record Ranges(List<BigDecimal> edges) implements Phrase {
    public Ranges {
      edges = List.copyOf(edges);
    }
  }
}
