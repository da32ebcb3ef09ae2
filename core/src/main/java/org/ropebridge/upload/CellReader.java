package org.ropebridge.upload;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Optional;

/** Reads the cells of one column: into text that a database reads as the column's type. */
final class CellReader {
  private static final int MOST_DIGITS = 18;
  private static final int MOST_SHOWN = 60;
  private final ColumnForm column;

  /**
   * A reader for a column.
   *
   * @throws IllegalArgumentException if the author has yet to say something about it
   */
  CellReader(ColumnForm column) {
    if (column.isOpen()) {
      throw new IllegalArgumentException("\"" + column.name() + "\" cannot be read yet");
    }
    this.column = column;
  }

  /**
   * What the cell holds: ISO 8601 for days and times, plain digits for numbers, true or false; null
   * for nothing.
   */
  String read(String cell) throws Misfit {
    String tidy = CellText.tidy(cell);
    if (column.kind() == Kind.TEXT) {
      if (tidy.indexOf('\ufffd') >= 0) {
        throw new Misfit(quoted(tidy) + " has characters that its encoding does not know");
      }
      return tidy.isEmpty() ? null : tidy;
    }
    if (tidy.isEmpty() || CellText.isMark(tidy)) {
      return null;
    }
    return switch (column.kind()) {
      case WHOLE, DECIMAL -> number(tidy);
      case DAY -> day(tidy).toString();
      case MOMENT -> moment(tidy).toString();
      case INSTANT -> instant(tidy);
      case TIME -> time(tidy).toString();
      case YES_NO -> yesNo(tidy);
      case TEXT -> throw new IllegalStateException();
    };
  }

  private String number(String tidy) throws Misfit {
    NumberText number =
        NumberText.of(tidy).orElseThrow(() -> new Misfit(quoted(tidy) + " is no number"));
    Shape shape = number.shape();
    if (!isNumberHere(shape)) {
      throw new Misfit(quoted(tidy) + " is no number with a decimal " + mark());
    }
    if (number.percent() != column.percent()) {
      throw new Misfit(
          quoted(tidy) + (column.percent() ? " is no percentage" : " is a percentage"));
    }
    BigDecimal value = number.value(column.mark());
    if (column.kind() == Kind.WHOLE && value.stripTrailingZeros().scale() > 0) {
      throw new Misfit(quoted(tidy) + " is no whole number");
    }
    if (column.kind() == Kind.WHOLE && value.precision() - value.scale() > MOST_DIGITS) {
      throw new Misfit(quoted(tidy) + " has more than " + MOST_DIGITS + " digits");
    }
    return (column.kind() == Kind.WHOLE ? value.setScale(0) : value).toPlainString();
  }

  private String mark() {
    return column.mark() == DecimalMark.POINT ? "point" : "comma";
  }

  private boolean isNumberHere(Shape shape) {
    return switch (shape) {
      case WHOLE, DAY_DIGITS, CODE, SPACED, ONE_COMMA_GROUP, ONE_POINT_GROUP -> true;
      case POINT_DECIMAL, COMMA_GROUPS -> column.mark() == DecimalMark.POINT;
      case COMMA_DECIMAL, POINT_GROUPS -> column.mark() == DecimalMark.COMMA;
      default -> false;
    };
  }

  private LocalDate day(String tidy) throws Misfit {
    if (tidy.indexOf(':') >= 0) {
      LocalDateTime moment = moment(tidy);
      if (!moment.toLocalTime().equals(LocalTime.MIDNIGHT)) {
        throw new Misfit(quoted(tidy) + " is a day with a time");
      }
      return moment.toLocalDate();
    }
    Optional<LocalDate> digits = allDigits(tidy) ? Days.fromDigits(tidy) : Optional.empty();
    return digits.isPresent() ? digits.get() : inOrder(Days.read(tidy).orElse(null), tidy);
  }

  private static boolean allDigits(String text) {
    return text.chars().allMatch(c -> c >= '0' && c <= '9');
  }

  private LocalDate inOrder(Days.Written written, String tidy) throws Misfit {
    if (written == null) {
      throw new Misfit(quoted(tidy) + " is no date");
    }
    LocalDate day = written.in(column.order());
    if (day == null) {
      throw new Misfit(
          written.shape() == Shape.NO_DAY
              ? quoted(tidy) + " is no day of the calendar"
              : quoted(tidy)
                  + " is no date with the "
                  + (column.order() == DayOrder.DAY_FIRST ? "day" : "month")
                  + " first");
    }
    return day;
  }

  private LocalDateTime moment(String tidy) throws Misfit {
    if (tidy.indexOf(':') < 0) {
      return day(tidy).atStartOfDay();
    }
    Moments.Written written = Moments.read(tidy).orElse(null);
    if (written == null || written.day() == null || written.offset() != null) {
      throw new Misfit(quoted(tidy) + " is no date with a time");
    }
    return inOrder(written.day(), tidy).atTime(written.time());
  }

  private static String instant(String tidy) throws Misfit {
    Moments.Written written = Moments.read(tidy).orElse(null);
    if (written == null || written.shape() != Shape.INSTANT) {
      throw new Misfit(quoted(tidy) + " is no date with a time and its time zone");
    }
    return written.day().dayFirst().atTime(written.time()).atOffset(written.offset()).toString();
  }

  private static LocalTime time(String tidy) throws Misfit {
    Moments.Written written = Moments.read(tidy).orElse(null);
    if (written == null || written.shape() != Shape.TIME) {
      throw new Misfit(quoted(tidy) + " is no time of day");
    }
    return written.time();
  }

  private static String yesNo(String tidy) throws Misfit {
    Boolean value = YesNo.read(tidy);
    if (value == null) {
      throw new Misfit(quoted(tidy) + " says neither yes nor no");
    }
    return value.toString();
  }

  private static String quoted(String text) {
    return "\""
        + (text.length() > MOST_SHOWN ? text.substring(0, MOST_SHOWN) + "..." : text)
        + "\"";
  }
}
