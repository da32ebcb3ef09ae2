package org.ropebridge.plan;

import java.math.BigDecimal;
import java.time.DayOfWeek;
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

  String weekdays(Set<DayOfWeek> days, boolean negated);

  /** "with booking date in July 2026". */
  String onDate(String date, String period);

  String ranked(boolean top, int count, String what, String measure);

  String rankedAtEnd(boolean top, int count, String measure);

  String sorted(String by, boolean descending);

  String picture(Plan.Picture picture);

  /** The name of a value as it can be read back, in quotes where it needs them. */
  String value(String name);
}
