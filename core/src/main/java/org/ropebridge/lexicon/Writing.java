package org.ropebridge.lexicon;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;

/** How a language writes numbers, places in an order, and days. */
public enum Writing {
  /** 1,234.5; 3rd; 12.5.2025. */
  POINTS(
      "\\d+(?:st|nd|rd|th)\\b",
      ',',
      '.',
      "(?:top|bottom|best|worst|last|past|first|next|fy)(?=\\d{1,4}\\b)"),
  /** 1.234,5; 3. before a word; 12.5.2025. */
  COMMAS("\\d{1,2}\\.(?=\\s+\\p{L})", '.', ',', "top(?=\\d{1,3}\\b)");

  private static final int LONGEST_NUMBER = 18;

  private final String place;
  private final String counting;
  private final char thousands;
  private final char decimals;
  private final Pattern grouped;
  private final Pattern plain;

  Writing(String place, char thousands, char decimals, String counting) {
    this.place = place;
    this.counting = counting;
    this.thousands = thousands;
    this.decimals = decimals;
    String rest = "(" + Pattern.quote(String.valueOf(decimals)) + "\\d+)?";
    this.grouped =
        Pattern.compile(
            "-?\\d{1,3}(" + Pattern.quote(String.valueOf(thousands)) + "\\d{3})+" + rest);
    this.plain = Pattern.compile("-?\\d+" + rest);
  }

  /** A regular expression of places in an order. */
  String placePattern() {
    return place;
  }

  /** A regular expression of words with which a number is written together: "top10". */
  String countingPattern() {
    return counting;
  }

  /** The number that digits, with signs between thousands and before decimals, stand for. */
  Optional<BigDecimal> number(String text) {
    if (text.length() > LONGEST_NUMBER) {
      return Optional.empty();
    } else if (grouped.matcher(text).matches()) {
      return Optional.of(decimal(text.replace(String.valueOf(thousands), "")));
    }
    return plain.matcher(text).matches() ? Optional.of(decimal(text)) : Optional.empty();
  }

  private BigDecimal decimal(String text) {
    return new BigDecimal(text.replace(decimals, '.'));
  }
}
