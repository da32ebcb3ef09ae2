package org.ropebridge.plan;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The phrases of one language from which restatements are built. Each can be read back. */
public interface Phrasebook {
  /** "a, b and c". */
  String and(List<String> items);

  /** "a, b or c". */
  String or(List<String> items);

  String plural(String noun);

  String rowCount(String plural);

  String distinctRows(String countedPlural, String withPlural, Optional<String> role);

  String distinctValues(String column);

  String statistic(Measure.Kind kind, int percentile, String column);

  String by(List<String> groupings);

  String timeUnit(TimeUnit unit);

  String timeUnitOfDate(TimeUnit unit, String date);

  String values(String column, List<String> names, boolean negated);

  String compare(
      String column,
      Filter.Comparison comparison,
      BigDecimal low,
      Optional<BigDecimal> high,
      Optional<String> unit);

  String condition(String label, boolean negated);

  String yes(String column, boolean negated);

  /** The period with its preposition ("in 2025", "this year"), or excluded. */
  String period(Period period, PeriodResolver resolver, boolean negated);

  /**
   * "on Mondays", "in July of any year", "between 18 and 22 o'clock", or excluded.
   *
   * @param part days of the week, months of the year or hours of the day
   */
  String recurring(TimeUnit part, Set<Integer> numbers, boolean negated);

  /** "with booking date in July 2026". */
  String onDate(String date, String period);

  String ranked(boolean top, int count, String what, String measure);

  String rankedAtEnd(boolean top, int count, String measure);

  String sorted(String by, boolean descending);

  String picture(Plan.Picture picture);

  /** The name of a value as it can be read back, in quotes where it needs them. */
  String value(String name);

  /** "average days from booked on to arrival". */
  String duration(Measure.Kind kind, boolean inHours, String from, String to);

  /** "share of (...)" of rows set apart by the filters. */
  String portion(String measure, List<String> filters);

  /** "revenue (for channel website)". */
  String narrowed(String measure, List<String> filters);

  /** The words as one part of a longer phrase: "(revenue minus refunds)". */
  String enclosed(String words);

  /**
   * Two measures put together.
   *
   * @param factor what a quotient is multiplied by; 1 for nothing
   */
  String arithmetic(Measure.Operator operator, String left, String right, BigDecimal factor);

  String overParts(Measure.Kind kind, String measure, String part);

  String correlation(String first, String second, String part);

  String share(String measure, Optional<String> within);

  /**
   * "growth of revenue from the year before".
   *
   * @param earlier as {@link #unitBefore}, {@link #spanBefore} or {@link #otherPeriod} say it
   */
  String compared(Measure.Move move, String measure, String earlier);

  String unitBefore(Period.Unit unit);

  String spanBefore();

  String otherPeriod(Period period, PeriodResolver resolver);

  String cumulative(String measure);

  String movingAverage(String measure, int spans);

  String rank(String measure);

  String distance(String measure, Measure.Level level);

  String inSteps(String column, BigDecimal width);

  String inBands(String column, List<BigDecimal> edges);

  String byWords(String column, List<String> words);

  String whether(String condition);

  String missing(String column, boolean negated);

  String hasText(String column, Filter.Where where, String text, boolean negated);

  /** "for huts having (callouts in 2025)", "for huts having more than 2 (callouts in 2025)". */
  String having(String anchors, Optional<Bound> count, String inner, boolean negated);

  /** "for hut among (top 3 huts by revenue)". */
  String among(String column, String plan, boolean negated);

  /** "callouts via bridge from hut". */
  String via(String rows, String role);

  /**
   * "with guest nights more than 500".
   *
   * @param percent whether the number is written as a percentage
   */
  String keeps(String measure, Bound bound, boolean percent);

  String besideAverage(String measure, boolean above);

  /** "keeping revenue above that of hut Larkspur Hut". */
  String besideGroup(String measure, boolean above, String column, String name);

  /** "keeping rank of revenue the same as that of hut Larkspur Hut". */
  String likeGroup(String measure, String column, String name);

  /** "keeping revenue among the top 10%". */
  String amongFirst(String measure, boolean top, BigDecimal percent);

  /** "whether number of callouts is more than 0". */
  String claim(String measure, Bound bound, boolean percent);

  String within(String grouping);

  String listing(String rows, List<String> columns);

  String firstRows(int count, String by, boolean descending);
}
