package org.ropebridge.lexicon;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ropebridge.plan.Period;

/** Days, months and years that are written in digits alone. */
final class WrittenDates {
  /** Years of two digits are of this century. */
  static final String CENTURY = "20";

  /** 2025-05-12, 2025-05, 12/5/2025, 5/2025, 2024/25. */
  static final String PATTERN =
      "\\d{4}-\\d{2}(?:-\\d{2})?(?!\\d)"
          + "|\\d{1,2}/\\d{1,2}/(?:\\d{4}|\\d{2})(?!\\d)"
          + "|\\d{1,2}/\\d{4}(?!\\d)"
          + "|\\d{4}/(?:\\d{4}|\\d{2})(?!\\d)"
          + "|\\d{2}/\\d{2}(?![\\d/])";

  /** 12.5.2025: the day first. */
  private static final Pattern DOTTED =
      Pattern.compile("(?<day>\\d{1,2})\\.(?<month>\\d{1,2})\\.(?<year>\\d{4})");

  private static final Pattern SIGNS = Pattern.compile("[-/]");
  private static final int YEAR_DIGITS = 4;
  private static final int MONTHS = 12;

  private WrittenDates() {}

  /**
   * What the digits may stand for; of 3/4/2025 there are two, since people write the day first and
   * the month first. Empty when the calendar has no such day.
   */
  static List<Meaning> of(String text) {
    List<Meaning> found = new ArrayList<>();
    String[] parts = SIGNS.split(text);
    int[] numbers = new int[parts.length];
    for (int i = 0; i < parts.length; i++) {
      numbers[i] = Integer.parseInt(parts[i]);
    }
    boolean yearFirst = parts[0].length() == YEAR_DIGITS;
    if (parts.length == 3 && yearFirst) {
      day(numbers[0], numbers[1], numbers[2]).ifPresent(found::add);
    } else if (parts.length == 3) {
      int year = year(parts[2], numbers[2]);
      day(year, numbers[1], numbers[0]).ifPresent(found::add);
      day(year, numbers[0], numbers[1]).filter(d -> !found.contains(d)).ifPresent(found::add);
    } else if (yearFirst && text.contains("-") && isMonth(numbers[1])) {
      found.add(month(numbers[0], numbers[1]));
    } else if (!yearFirst && parts[1].length() == YEAR_DIGITS) {
      if (isMonth(numbers[0])) {
        found.add(month(numbers[1], numbers[0]));
      }
    } else if (year(parts[1], numbers[1]) == year(parts[0], numbers[0]) + 1) {
      found.add(new Meaning.TwoYearsWord(year(parts[0], numbers[0])));
    }
    return found;
  }

  private static int year(String digits, int number) {
    return digits.length() == YEAR_DIGITS ? number : Integer.parseInt(CENTURY + digits);
  }

  private static boolean isMonth(int number) {
    return number >= 1 && number <= MONTHS;
  }

  private static Meaning month(int year, int month) {
    return new Meaning.PeriodWord(new Period.Span(Period.Unit.MONTH, LocalDate.of(year, month, 1)));
  }

  private static Optional<Meaning> day(int year, int month, int day) {
    try {
      return Optional.of(new Meaning.DayWord(LocalDate.of(year, month, day)));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  /** The day, if dots keep its parts apart. */
  static Optional<Meaning> dotted(String text) {
    Matcher written = DOTTED.matcher(text);
    return written.matches()
        ? day(
            Integer.parseInt(written.group("year")),
            Integer.parseInt(written.group("month")),
            Integer.parseInt(written.group("day")))
        : Optional.empty();
  }
}
