package org.ropebridge.upload;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Days as people write them. */
final class Days {
  private static final int EARLIEST_YEAR = 1900;
  private static final int LATEST_YEAR = 2100;
  private static final int DIGITS_OF_A_DAY = 8;

  /** Years of two digits up to this one are of this century. */
  private static final int LATEST_SHORT_YEAR = 49;

  private static final int CENTURY = 100;
  private static final int THIS_CENTURY = 2000;
  private static final int MOST_MONTHS = 12;
  private static final int MOST_DAYS = 31;

  /** Names of months, full and short, in the languages that files come in. */
  private static final Map<String, Integer> MONTHS = months("en", "de", "fr", "it", "es", "nl");

  private Days() {}

  private static Map<String, Integer> months(String... languages) {
    Map<String, Integer> months = new HashMap<>();
    for (String language : languages) {
      Locale locale = Locale.forLanguageTag(language);
      for (Month month : Month.values()) {
        for (TextStyle style :
            new TextStyle[] {
              TextStyle.FULL, TextStyle.FULL_STANDALONE, TextStyle.SHORT, TextStyle.SHORT_STANDALONE
            }) {
          String name = month.getDisplayName(style, locale).toLowerCase(locale).replace(".", "");
          months.putIfAbsent(name, month.getValue());
        }
      }
    }
    return months;
  }

  /** A written day: what it looks like, and the day for each order; null where there is none. */
  record Written(Shape shape, LocalDate dayFirst, LocalDate monthFirst) {
    LocalDate in(DayOrder order) {
      return order == DayOrder.MONTH_FIRST ? monthFirst : dayFirst;
    }
  }

  /** Eight digits that are a day of this or the last century. */
  static Optional<LocalDate> fromDigits(String digits) {
    if (digits.length() != DIGITS_OF_A_DAY) {
      return Optional.empty();
    }
    int number = Integer.parseInt(digits);
    return day(number / 10_000, number / 100 % 100, number % 100);
  }

  private static Optional<LocalDate> day(int year, int month, int day) {
    if (year < EARLIEST_YEAR || year > LATEST_YEAR || month < 1 || month > MOST_MONTHS) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalDate.of(year, month, day));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  /** Reads a day that stands alone; empty if the text does not look like one. */
  static Optional<Written> read(String text) {
    List<String> parts = parts(text);
    if (parts.isEmpty() || parts.size() > 3) {
      return Optional.empty();
    }
    List<Integer> named = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      if (!isNumber(parts.get(i))) {
        if (!MONTHS.containsKey(parts.get(i))) {
          return Optional.empty();
        }
        named.add(i);
      }
    }
    if (named.size() > 1 || parts.size() < 2) {
      return Optional.empty();
    }
    if (parts.size() == 2) {
      return monthOnly(parts, named);
    }
    return named.isEmpty() ? ofNumbers(parts, text) : withName(parts, named.get(0));
  }

  /** The words and numbers of a text, in lower case; nothing when something else stands there. */
  private static List<String> parts(String text) {
    List<String> parts = new ArrayList<>();
    StringBuilder part = new StringBuilder();
    for (int i = 0; i <= text.length(); i++) {
      char c = i < text.length() ? text.charAt(i) : ' ';
      boolean apart = c == '.' || c == '/' || c == '-' || c == ' ' || c == ',';
      boolean turns =
          !part.isEmpty()
              && !apart
              && Character.isDigit(c) != Character.isDigit(part.charAt(part.length() - 1));
      if ((apart || turns) && !part.isEmpty()) {
        parts.add(part.toString().toLowerCase(Locale.ROOT));
        part.setLength(0);
      }
      if (!apart) {
        if (!Character.isLetterOrDigit(c)) {
          return List.of();
        }
        part.append(c);
      }
    }
    if (parts.size() > 1) {
      parts.removeIf(p -> p.equals("st") || p.equals("nd") || p.equals("rd") || p.equals("th"));
    }
    return parts;
  }

  private static boolean isNumber(String part) {
    return Character.isDigit(part.charAt(0));
  }

  private static Optional<Written> monthOnly(List<String> parts, List<Integer> named) {
    int month;
    int year;
    if (named.isEmpty()) {
      boolean yearFirst = parts.get(0).length() == 4 && parts.get(1).length() == 2;
      if (!yearFirst && !(parts.get(0).length() <= 2 && parts.get(1).length() == 4)) {
        return Optional.empty();
      }
      year = number(parts.get(yearFirst ? 0 : 1));
      month = number(parts.get(yearFirst ? 1 : 0));
    } else {
      String other = parts.get(1 - named.get(0));
      if (other.length() != 4) {
        return Optional.empty();
      }
      year = number(other);
      month = MONTHS.get(parts.get(named.get(0)));
    }
    return day(year, month, 1).map(d -> new Written(Shape.MONTH_ONLY, d, d));
  }

  private static Optional<Written> withName(List<String> parts, int at) {
    int month = MONTHS.get(parts.get(at));
    boolean yearFirst = parts.get(0).length() == 4 && isNumber(parts.get(0));
    List<String> numbers = new ArrayList<>(parts);
    numbers.remove(at);
    int year = year(numbers.get(yearFirst ? 0 : 1));
    int day = number(numbers.get(yearFirst ? 1 : 0));
    return Optional.of(
        day(year, month, day)
            .map(d -> new Written(Shape.DAY_NAMED, d, d))
            .orElse(new Written(Shape.NO_DAY, null, null)));
  }

  private static Optional<Written> ofNumbers(List<String> parts, String text) {
    int first = number(parts.get(0));
    int second = number(parts.get(1));
    if (parts.get(0).length() == 4) {
      return iso(first, second, number(parts.get(2)), parts);
    }
    boolean isShort = parts.get(2).length() == 2;
    if (parts.get(0).length() > 2
        || parts.get(1).length() > 2
        || !isShort && parts.get(2).length() != 4) {
      return Optional.empty();
    }
    if (isThousands(text)) {
      return Optional.empty();
    }
    int year = year(parts.get(2));
    LocalDate dayFirst = day(year, second, first).orElse(null);
    // Points stand between days and months only where the day comes first.
    LocalDate monthFirst = text.indexOf('.') > 0 ? null : day(year, first, second).orElse(null);
    return Optional.of(
        new Written(order(first, second, dayFirst, monthFirst), dayFirst, monthFirst));
  }

  /** Commas between numbers group thousands; they are no day. */
  private static boolean isThousands(String text) {
    return text.indexOf(',') >= 0;
  }

  private static Optional<Written> iso(int year, int month, int day, List<String> parts) {
    if (parts.get(1).length() > 2 || parts.get(2).length() > 2) {
      return Optional.empty();
    }
    return Optional.of(
        day(year, month, day)
            .map(d -> new Written(Shape.DAY_ISO, d, d))
            .orElse(new Written(Shape.NO_DAY, null, null)));
  }

  private static Shape order(int first, int second, LocalDate dayFirst, LocalDate monthFirst) {
    if (dayFirst != null && monthFirst != null) {
      return first == second ? Shape.DAY_ISO : Shape.DAY_EITHER;
    }
    if (dayFirst != null) {
      return Shape.DAY_FIRST;
    }
    return monthFirst != null && second <= MOST_DAYS ? Shape.MONTH_FIRST : Shape.NO_DAY;
  }

  /** A number of at most nine digits; -1 for a longer one. */
  private static int number(String digits) {
    return digits.length() > 9 ? -1 : Integer.parseInt(digits);
  }

  private static int year(String digits) {
    int year = number(digits);
    if (digits.length() != 2) {
      return year;
    }
    return year <= LATEST_SHORT_YEAR ? THIS_CENTURY + year : THIS_CENTURY - CENTURY + year;
  }
}
