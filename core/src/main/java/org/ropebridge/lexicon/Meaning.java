package org.ropebridge.lexicon;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** What words may mean before any rule has looked at them. */
public sealed interface Meaning extends Part {

  /** A metric of the model. */
  record MetricName(String metric) implements Meaning {}

  /** The noun of a table's rows. */
  record RowNoun(String table) implements Meaning {}

  /** A column. */
  record ColumnName(ColumnRef column) implements Meaning {}

  /** Says that a date has not come: "unpaid". */
  record NotDone(ColumnRef column) implements Meaning {}

  /** "pay", of a "way of paying": what is done as the column tells. */
  record DoneSo(ColumnRef column) implements Meaning {}

  /** "seed", of a number of money or a metric that is called "seed cost". */
  record CostOf(Meaning item) implements Meaning {}

  /** A role that a link plays, as {@code table.link}, and the table it leads to. */
  record RoleName(String role, String to) implements Meaning {}

  /** A value of a column, as stored. */
  record ValueName(ColumnRef column, String stored) implements Meaning {}

  /** A named condition. */
  record ConditionName(String table, String condition) implements Meaning {}

  /** What tells apart the rows that a metric counts: "serious", of "serious callouts". */
  record CountedWord(String metric) implements Meaning {}

  /** An adjective that tells how much of a metric there is: "punctual". */
  record QualityWord(String metric) implements Meaning {}

  /** Its superlative: "fullest". */
  record MostQualityWord(String metric) implements Meaning {}

  /** The noun for rows of which a value, condition or yes-or-no column is said: "cancellations". */
  record DoneNoun(Meaning said) implements Meaning {}

  /** The unit of some columns or metrics. */
  record UnitName(String unit) implements Meaning {}

  /**
   * A unit of the kind of one of the model's: "km" where columns are in metres.
   *
   * @param ratio how the two compare
   */
  record UnitMultiple(String unit, UnitRatio ratio) implements Meaning {}

  /** A season of the model's calendar. */
  record SeasonName(String season) implements Meaning {}

  /** An occasion of the model. */
  record OccasionName(String occasion) implements Meaning {}

  /** A number. */
  record NumberWord(BigDecimal number) implements Meaning {}

  /** A number in an order: "90th", "first". */
  record OrdinalWord(int number) implements Meaning {}

  /** A day written out. */
  record DayWord(LocalDate day) implements Meaning {}

  /** A period written in digits: "2025-05". */
  record PeriodWord(Period period) implements Meaning {}

  /**
   * Two years that follow each other: "2024/25".
   *
   * @param first the earlier
   */
  record TwoYearsWord(int first) implements Meaning {}

  /** A month's name. */
  record MonthWord(Month month) implements Meaning {}

  /** A quarter of the calendar year, 1 to 4. */
  record QuarterWord(int quarter) implements Meaning {}

  /** A half of the calendar year, 1 or 2. */
  record HalfWord(int half) implements Meaning {}

  /** A part of the day, from one hour to another: "in the morning". */
  record HoursWord(int from, int to) implements Meaning {}

  /** A weekday's name. */
  record WeekdayWord(DayOfWeek day) implements Meaning {}

  /**
   * A unit of time.
   *
   * @param grouping what "by" it means
   * @param period the unit that periods are counted in; empty for parts that come back
   * @param adverb whether it groups without "by": "monthly"
   */
  record TimeUnitWord(TimeUnit grouping, Optional<Period.Unit> period, boolean adverb)
      implements Meaning {}

  /** A statistic. */
  record StatisticWord(Measure.Kind kind) implements Meaning {}

  /**
   * A superlative: "highest", "longest".
   *
   * @param dimension what it measures: "time" or "length" for words that choose their column by its
   *     unit; empty for any
   */
  record SuperlativeWord(boolean most, String dimension) implements Meaning {
    /** Whether it may be said of whatever is measured: "highest revenue", "biggest revenue". */
    public boolean isOfAnything() {
      return dimension.isEmpty() || dimension.equals(Dimensions.SIZE);
    }
  }

  /** Best or worst: the direction depends on what is measured. */
  record JudgementWord(boolean good) implements Meaning {}

  /**
   * Begins a ranking: "top", "bottom".
   *
   * @param unlessTime whether it asks for the other end of what tells how long something takes:
   *     "slowest"
   */
  record RankWord(boolean top, boolean unlessTime) implements Meaning {}

  /** How often: "once", "twice". */
  record TimesWord(int times) implements Meaning {}

  /** A comparison of numbers. */
  record ComparisonWord(Filter.Comparison comparison) implements Meaning {}

  /**
   * A comparison that says what is measured: "longer than".
   *
   * @param dimensions what that may be, such as "time" and "length"
   */
  record MeasuredThanWord(Filter.Comparison comparison, List<String> dimensions)
      implements Meaning {
    public MeasuredThanWord {
      dimensions = List.copyOf(dimensions);
    }
  }

  /** Asks whether something is more or less than at another time. */
  record ComparativeWord(Contrast contrast) implements Meaning {}

  /** "up on": asks whether there is more than at the time that follows, or less. */
  record ComparativeToWord(boolean more) implements Meaning {}

  /** Says that something moved, and which way: "grew", "drop". */
  record DriftWord(Contrast way) implements Meaning {}

  /**
   * "most common": ranked by how many rows have it.
   *
   * @param popular whether another measure may tell it as well: "most popular"
   */
  record CommonWord(boolean most, boolean popular) implements Meaning {}

  /** "most often": ranked by how many rows there are. */
  record OftenWord(boolean most) implements Meaning {}

  /** "how long": asks for the column that measures one of the dimensions. */
  record HowWord(List<String> dimensions) implements Meaning {
    public HowWord {
      dimensions = List.copyOf(dimensions);
    }
  }

  /** How to show the answer. */
  record PictureWord(Plan.Picture picture) implements Meaning {}

  /** The direction of a sort. */
  record DirectionWord(boolean descending, boolean ofTime) implements Meaning {}

  /** A word of the language that has a task in a sentence. */
  record FunctionWord(Role role) implements Meaning {}

  /** Words in quotes, as typed. */
  record QuotedText(String text) implements Meaning {}

  /**
   * Any word, as typed.
   *
   * @param known whether it means something else too
   */
  record PlainWord(String text, boolean known) implements Meaning {}

  /**
   * An earlier time: "the year before".
   *
   * @param of the unit of the time beside it, where the words say so: "the same month last year"
   */
  record EarlierWord(Measure.Earlier earlier, EarlierUse use, Optional<Period.Unit> of)
      implements Meaning {
    /**
     * Whether it stands beside the same days, where a time is not over: "the same time last year".
     */
    public boolean isOfSameDays() {
      return use == EarlierUse.SAME_TIME && of.isEmpty();
    }

    /** Whether it stands by itself, for every span. */
    public boolean adverb() {
      return use == EarlierUse.EVERY_SPAN;
    }
  }

  /** What an earlier time is for. */
  enum EarlierUse {
    /** It may be a time by itself: "the year before". */
    TIME,
    /** It is what another time stands beside: "the same period last year". */
    SAME_TIME,
    /** It is what every span stands beside: "year over year". */
    EVERY_SPAN
  }

  /** Puts two measures together: "minus". */
  record OperatorWord(Measure.Operator operator) implements Meaning {}

  /** Asks how a measure moved: "growth". */
  record MoveWord(Measure.Move move) implements Meaning {}

  /** Asks where words stand in a text: "mentioning". */
  record WhereWord(Filter.Where where) implements Meaning {}

  /** A level of all groups: "the average". */
  record LevelWord(Measure.Level level) implements Meaning {}

  /** Words in brackets, which are read by themselves. */
  record Enclosed(String text) implements Meaning {}
}
