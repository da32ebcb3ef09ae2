package org.ropebridge.cli;

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
import tools.jackson.databind.JsonNode;

/** Writes the cells of an answer for people. */
final class Cells {
  static final String NONE = "(none)";
  private static final DecimalFormatSymbols SIGNS =
      DecimalFormatSymbols.getInstance(Locale.ENGLISH);
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

  private Cells() {}

  /** The cell as people read it. */
  static String text(JsonNode value, JsonNode column) {
    String kind = column.path("kind").asString();
    if (value.isNull()) {
      return kind.equals("number") ? "" : NONE;
    }
    if (kind.equals("number")) {
      return number(value.decimalValue(), column.path("shownAs").asString());
    }
    return switch (kind) {
      case "yes_no" -> value.asBoolean() ? "yes" : "no";
      case "year" -> value.asString().substring(0, 4);
      case "business_year" -> businessYear(LocalDate.parse(value.asString()));
      case "quarter" -> quarter(LocalDate.parse(value.asString()));
      case "month" -> format(value, "MMM yyyy");
      case "week", "day" -> format(value, "d MMM yyyy");
      case "date" -> moment(value.asString());
      case "day_of_week" ->
          DayOfWeek.of(value.asInt()).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
      case "month_of_year" ->
          Month.of(value.asInt()).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
      case "hour_of_day" -> String.format(Locale.ROOT, "%02d:00", value.asInt());
      default -> value.asString();
    };
  }

  private static String format(JsonNode value, String pattern) {
    return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH)
        .format(LocalDate.parse(value.asString()));
  }

  /** A day, and the time of day where there is one. */
  private static String moment(String text) {
    String[] parts = text.split("T");
    String day =
        DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH).format(LocalDate.parse(parts[0]));
    return parts.length < 2 ? day : day + ", " + parts[1].substring(0, "hh:mm".length());
  }

  private static String quarter(LocalDate first) {
    return "Q" + (first.getMonthValue() / 3 + 1) + " " + first.getYear();
  }

  private static String businessYear(LocalDate first) {
    return Integer.toString(first.getMonthValue() == 1 ? first.getYear() : first.getYear() + 1);
  }

  private static String number(BigDecimal number, String shownAs) {
    if (shownAs.equals("percent")) {
      return new DecimalFormat("#,##0.0", SIGNS).format(number.multiply(HUNDRED)) + "%";
    }
    if (shownAs.equals("money")) {
      return new DecimalFormat("#,##0.00", SIGNS).format(number);
    }
    BigDecimal rounded =
        number.setScale(Math.min(2, Math.max(0, number.scale())), RoundingMode.HALF_UP);
    return new DecimalFormat("#,##0.##", SIGNS).format(rounded);
  }
}
