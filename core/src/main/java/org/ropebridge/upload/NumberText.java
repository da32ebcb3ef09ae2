package org.ropebridge.upload;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A number as people write it: sign, currency or percent around it, groups of thousands, decimals.
 *
 * @param bare digits with their marks, and a sign before them when it is negative
 * @param percent whether {@code %} stood behind it
 * @param money its currency as written; empty for none
 */
record NumberText(String bare, boolean percent, String money) {
  private static final int MOST_DIGITS = 18;
  private static final int GROUP = 3;
  private static final int CURRENCY_CODE = 3;

  /** {@code 1.5E-3}; 12E4 without mark and sign is rather a code. */
  private static final Pattern SCIENTIFIC =
      Pattern.compile("\\d+[.,]\\d+[eE][-+]?\\d{1,2}|\\d+[eE][-+]\\d{1,2}");

  /** Codes of ISO 4217. */
  private static final Set<String> CURRENCIES =
      Currency.getAvailableCurrencies().stream()
          .map(Currency::getCurrencyCode)
          .collect(Collectors.toUnmodifiableSet());

  /** What stands around the digits, taken off; empty if it cannot be a number. */
  static Optional<NumberText> of(String tidy) {
    String rest = tidy;
    boolean negative = false;
    boolean percent = false;
    String money = "";
    if (rest.length() > 2 && rest.charAt(0) == '(' && rest.charAt(rest.length() - 1) == ')') {
      negative = true;
      rest = CellText.tidy(rest.substring(1, rest.length() - 1));
    }
    if (rest.endsWith("%")) {
      percent = true;
      rest = CellText.tidy(rest.substring(0, rest.length() - 1));
    }
    int before = signed(rest) ? 1 : 0;
    int front = currencyAt(rest, before);
    if (front > 0) {
      money = rest.substring(before, before + front);
      rest = rest.substring(0, before) + CellText.tidy(rest.substring(before + front));
    } else {
      int back = currencyBefore(rest);
      if (back > 0) {
        money = rest.substring(rest.length() - back);
        rest = CellText.tidy(rest.substring(0, rest.length() - back));
      }
    }
    if (signed(rest)) {
      negative ^= rest.charAt(0) != '+';
      rest = rest.substring(1);
    } else if (rest.endsWith("-") && rest.length() > 1) {
      negative = !negative;
      rest = rest.substring(0, rest.length() - 1);
    }
    if (SCIENTIFIC.matcher(rest).matches()) {
      boolean comma = rest.indexOf(',') >= 0;
      String plain = new BigDecimal(rest.replace(',', '.')).toPlainString();
      rest = comma ? plain.replace('.', ',') : plain;
    }
    return isDigitsAndMarks(rest)
        ? Optional.of(new NumberText(negative ? "-" + rest : rest, percent, money))
        : Optional.empty();
  }

  private static boolean signed(String text) {
    return !text.isEmpty()
        && (text.charAt(0) == '-' || text.charAt(0) == '+' || text.charAt(0) == '\u2212');
  }

  /** How many characters of currency stand there. */
  private static int currencyAt(String text, int at) {
    if (at < text.length() && Character.getType(text.charAt(at)) == Character.CURRENCY_SYMBOL) {
      return 1;
    }
    return text.length() > at + CURRENCY_CODE && isCode(text, at) && !isUpper(text, at + 3)
        ? CURRENCY_CODE
        : 0;
  }

  private static int currencyBefore(String text) {
    int end = text.length();
    if (end > 0 && Character.getType(text.charAt(end - 1)) == Character.CURRENCY_SYMBOL) {
      return 1;
    }
    return end > CURRENCY_CODE && isCode(text, end - CURRENCY_CODE) && !isUpper(text, end - 4)
        ? CURRENCY_CODE
        : 0;
  }

  private static boolean isUpper(String text, int at) {
    return text.charAt(at) >= 'A' && text.charAt(at) <= 'Z';
  }

  private static boolean isCode(String text, int at) {
    if (!isUpper(text, at) || !isUpper(text, at + 1) || !isUpper(text, at + 2)) {
      return false;
    }
    return CURRENCIES.contains(text.substring(at, at + CURRENCY_CODE));
  }

  private static boolean isDigitsAndMarks(String text) {
    boolean digit = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c >= '0' && c <= '9') {
        digit = true;
      } else if (c != '.' && c != ',' && !isSpacer(c)) {
        return false;
      }
    }
    return digit && !isSpacer(text.charAt(0)) && !isSpacer(text.charAt(text.length() - 1));
  }

  private static boolean isSpacer(char c) {
    return c == ' ' || c == '\u00a0' || c == '\u202f' || c == '\u2009' || c == '\'' || c == '’';
  }

  private String unsigned() {
    return bare.startsWith("-") ? bare.substring(1) : bare;
  }

  /** What it looks like: a number's shape, or text. */
  Shape shape() {
    String digits = unsigned();
    boolean spaced = false;
    StringBuilder packed = new StringBuilder(digits.length());
    for (int i = 0; i < digits.length(); i++) {
      if (isSpacer(digits.charAt(i))) {
        if (!isGroupAt(digits, i + 1)) {
          return Shape.TEXT;
        }
        spaced = true;
      } else {
        packed.append(digits.charAt(i));
      }
    }
    String text = packed.toString();
    int points = count(text, '.');
    int commas = count(text, ',');
    if (points == 0 && commas == 0) {
      return whole(text, spaced);
    }
    if (points > 0 && commas > 0) {
      return text.lastIndexOf('.') > text.lastIndexOf(',')
          ? decimalAfterGroups(text, DecimalMark.POINT, Shape.POINT_DECIMAL)
          : decimalAfterGroups(text, DecimalMark.COMMA, Shape.COMMA_DECIMAL);
    }
    return points > 0
        ? oneMark(text, '.', points, spaced, Shape.ONE_POINT_GROUP, Shape.POINT_GROUPS)
        : oneMark(text, ',', commas, spaced, Shape.ONE_COMMA_GROUP, Shape.COMMA_GROUPS);
  }

  private static Shape whole(String text, boolean spaced) {
    if (text.length() > MOST_DIGITS || text.length() > 1 && text.charAt(0) == '0') {
      return Shape.CODE;
    }
    if (spaced) {
      return Shape.SPACED;
    }
    return Days.fromDigits(text).isPresent() ? Shape.DAY_DIGITS : Shape.WHOLE;
  }

  /** Only points or only commas: one of them before three digits can be either. */
  private static Shape oneMark(
      String text, char mark, int times, boolean spaced, Shape one, Shape many) {
    Shape decimal = mark == '.' ? Shape.POINT_DECIMAL : Shape.COMMA_DECIMAL;
    if (times > 1) {
      return isGrouped(text, mark) && !spaced ? many : Shape.TEXT;
    }
    int at = text.indexOf(mark);
    boolean canGroup =
        !spaced
            && text.length() - at - 1 == GROUP
            && at >= 1
            && at <= GROUP
            && text.charAt(0) != '0';
    if (canGroup) {
      return one;
    }
    return at == text.length() - 1 || leadsWithZeros(text, at) ? Shape.TEXT : decimal;
  }

  private static boolean leadsWithZeros(String text, int at) {
    return at > 1 && text.charAt(0) == '0';
  }

  private static Shape decimalAfterGroups(String text, DecimalMark mark, Shape shape) {
    int at = text.lastIndexOf(mark.mark());
    boolean valid =
        text.indexOf(mark.mark()) == at
            && at < text.length() - 1
            && isGrouped(text.substring(0, at), mark.grouping());
    return valid ? shape : Shape.TEXT;
  }

  private static boolean isGrouped(String text, char mark) {
    int first = text.indexOf(mark);
    if (first < 1 || first > GROUP) {
      return false;
    }
    for (int at = first; at >= 0; at = text.indexOf(mark, at + 1)) {
      if (!isGroupAt(text, at + 1)) {
        return false;
      }
    }
    return true;
  }

  /** Whether exactly three digits stand there. */
  private static boolean isGroupAt(String text, int at) {
    for (int i = at; i < at + GROUP; i++) {
      if (i >= text.length() || !Character.isDigit(text.charAt(i))) {
        return false;
      }
    }
    return at + GROUP == text.length() || !Character.isDigit(text.charAt(at + GROUP));
  }

  private static int count(String text, char mark) {
    int count = 0;
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) == mark) {
        count++;
      }
    }
    return count;
  }

  /** Its value with that decimal mark; a percentage as a share. Call only for a number's shape. */
  BigDecimal value(DecimalMark mark) {
    StringBuilder plain = new StringBuilder(bare.length());
    for (int i = 0; i < bare.length(); i++) {
      char c = bare.charAt(i);
      if (c == mark.mark()) {
        plain.append('.');
      } else if (c == '-' || c >= '0' && c <= '9') {
        plain.append(c);
      }
    }
    BigDecimal value = new BigDecimal(plain.toString());
    return percent ? value.movePointLeft(2) : value;
  }
}
