package org.ropebridge.upload;

import java.time.DateTimeException;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times of day, and days with a time, as people write them. */
final class Moments {
  private static final Pattern WITH_TIME =
      Pattern.compile(
          "(?:(?<day>.*\\S)[T\\s]\\s*)?(?<hour>\\d{1,2}):(?<minute>\\d{2})"
              + "(?::(?<second>\\d{2})(?:[.,](?<fraction>\\d{1,9}))?)?"
              + "\\s*(?<half>[aApP]\\.?[mM]\\.?)?\\s*(?<offset>Z|UTC|[+-]\\d{2}(?::?\\d{2})?)?");

  private static final int NOON = 12;
  private static final int NANO_DIGITS = 9;

  private Moments() {}

  /**
   * What was read.
   *
   * @param day null for a time alone
   * @param offset null when none is written
   */
  record Written(Days.Written day, LocalTime time, ZoneOffset offset) {
    Shape shape() {
      if (day == null) {
        return offset == null ? Shape.TIME : Shape.TEXT;
      }
      if (offset != null) {
        return day.shape() == Shape.DAY_ISO ? Shape.INSTANT : Shape.TEXT;
      }
      return switch (day.shape()) {
        case DAY_ISO -> Shape.MOMENT_ISO;
        case DAY_FIRST -> Shape.MOMENT_FIRST;
        case MONTH_FIRST -> Shape.MOMENT_MONTH_FIRST;
        case DAY_EITHER -> Shape.MOMENT_EITHER;
        case DAY_NAMED -> Shape.MOMENT_NAMED;
        case NO_DAY -> Shape.NO_DAY;
        default -> Shape.TEXT;
      };
    }
  }

  static Optional<Written> read(String text) {
    Matcher matcher = WITH_TIME.matcher(text);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    Days.Written day = null;
    if (matcher.group("day") != null) {
      day = Days.read(matcher.group("day")).orElse(null);
      if (day == null) {
        return Optional.empty();
      }
    }
    try {
      return Optional.of(new Written(day, time(matcher), offset(matcher.group("offset"))));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  private static LocalTime time(Matcher matcher) {
    int hour = Integer.parseInt(matcher.group("hour"));
    String half = matcher.group("half");
    if (half != null) {
      if (hour < 1 || hour > NOON) {
        throw new DateTimeException("no hour of half a day");
      }
      hour = hour % NOON + (half.toLowerCase(Locale.ROOT).startsWith("p") ? NOON : 0);
    }
    String second = matcher.group("second");
    String fraction = matcher.group("fraction");
    return LocalTime.of(
        hour,
        Integer.parseInt(matcher.group("minute")),
        second == null ? 0 : Integer.parseInt(second),
        fraction == null
            ? 0
            : Integer.parseInt(fraction + "0".repeat(NANO_DIGITS - fraction.length())));
  }

  private static ZoneOffset offset(String text) {
    if (text == null) {
      return null;
    }
    return text.equals("UTC") ? ZoneOffset.UTC : ZoneOffset.of(text);
  }
}
