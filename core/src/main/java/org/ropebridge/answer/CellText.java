package org.ropebridge.answer;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.Locale;
import org.ropebridge.sql.OutputColumn;

/** Writes cells of an answer as people read them. */
public final class CellText {
  /** Stands for a group without a value. */
  public static final String NONE = "(none)";

  private static final DecimalFormatSymbols SIGNS =
      DecimalFormatSymbols.getInstance(Locale.ENGLISH);
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

  private CellText() {}

  /**
   * A cell in words.
   *
   * @param value as {@link Rows} shows it; may be null
   */
  public static String of(Object value, OutputColumn column) {
    if (value == null) {
      return NONE;
    } else if (value instanceof Number number && column.isNumber()) {
      return number(new BigDecimal(number.toString()), column);
    }
    String text = value.toString();
    return switch (column.kind()) {
      case YES_NO -> value.equals(true) ? "yes" : "no";
      case YEAR -> text.substring(0, 4);
      case BUSINESS_YEAR -> businessYear(LocalDate.parse(text));
      case QUARTER -> quarter(LocalDate.parse(text));
      case MONTH -> format(text, "MMMM yyyy");
      case WEEK -> "the week of " + format(text, "d MMMM yyyy");
      case DAY -> format(text, "d MMMM yyyy");
      case DATE -> moment(text);
      case DAY_OF_WEEK ->
          DayOfWeek.of(Integer.parseInt(text)).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
      case MONTH_OF_YEAR ->
          Month.of(Integer.parseInt(text)).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
      case HOUR_OF_DAY -> String.format(Locale.ROOT, "%02d:00", Integer.parseInt(text));
      default -> text;
    };
  }

  /** A number with its unit, as the column's numbers are written. */
  static String number(BigDecimal number, OutputColumn column) {
    return switch (column.shownAs()) {
      case PERCENT -> percent(number);
      case MONEY ->
          column.unit().map(u -> u + " ").orElse("")
              + new DecimalFormat("#,##0.00", SIGNS).format(number);
      default -> {
        BigDecimal rounded = number.setScale(2, RoundingMode.HALF_UP);
        String text = new DecimalFormat("#,##0.##", SIGNS).format(rounded);
        yield column
            .unit()
            .filter(u -> !column.name().endsWith(u))
            .map(u -> text + " " + u)
            .orElse(text);
      }
    };
  }

  /** A part of 1 as a percentage with one decimal. */
  static String percent(BigDecimal part) {
    return new DecimalFormat("#,##0.0", SIGNS).format(part.multiply(HUNDRED)) + "%";
  }

  private static String format(String day, String pattern) {
    return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH).format(LocalDate.parse(day));
  }

  /** A day, and the time of day where there is one. */
  private static String moment(String text) {
    String[] parts = text.split("T");
    String day = format(parts[0], "d MMMM yyyy");
    return parts.length < 2 ? day : day + ", " + parts[1].substring(0, "hh:mm".length());
  }

  private static String quarter(LocalDate first) {
    return "Q" + (first.getMonthValue() / 3 + 1) + " " + first.getYear();
  }

  private static String businessYear(LocalDate first) {
    return Integer.toString(first.getMonthValue() == 1 ? first.getYear() : first.getYear() + 1);
  }
}
