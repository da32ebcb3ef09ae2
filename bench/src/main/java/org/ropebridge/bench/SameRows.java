package org.ropebridge.bench;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * Whether an answer has the values that were expected. Every expected column must be found among
 * the answer's, which may show more; rows are compared without their order; rows whose numbers are
 * all missing or nothing are left out on both sides, because answers show empty groups.
 */
final class SameRows {
  private static final MathContext DIGITS = new MathContext(9);

  /** Answers are shown with so many decimals, which may round otherwise than all at once. */
  private static final int SHOWN = 6;

  private static final int DECIMALS = 4;

  private SameRows() {}

  static boolean hold(List<List<Object>> expected, List<List<Object>> answer) {
    return same(texts(expected), texts(answer));
  }

  /** The same of rows that are listed as they are, whatever they lack. */
  static boolean holdListed(List<List<Object>> expected, List<List<Object>> answer) {
    return same(allTexts(expected), allTexts(answer));
  }

  private static List<List<String>> allTexts(List<List<Object>> rows) {
    return rows.stream().map(r -> r.stream().map(SameRows::text).toList()).toList();
  }

  private static boolean same(List<List<String>> wanted, List<List<String>> got) {
    int columns = wanted.isEmpty() ? 0 : wanted.get(0).size();
    if (wanted.isEmpty() || got.isEmpty()) {
      return wanted.isEmpty() && got.isEmpty();
    }
    return assign(wanted, got, columns, new ArrayList<>());
  }

  /** Tries all ways to find the expected columns among those of the answer. */
  private static boolean assign(
      List<List<String>> wanted, List<List<String>> got, int columns, List<Integer> chosen) {
    if (chosen.size() == columns) {
      return sorted(wanted, identity(columns)).equals(sorted(got, chosen));
    }
    for (int i = 0; i < got.get(0).size(); i++) {
      if (!chosen.contains(i)) {
        List<Integer> more = new ArrayList<>(chosen);
        more.add(i);
        boolean possible = sorted(wanted, List.of(chosen.size())).equals(sorted(got, List.of(i)));
        if (possible && assign(wanted, got, columns, more)) {
          return true;
        }
      }
    }
    return false;
  }

  private static List<Integer> identity(int n) {
    return java.util.stream.IntStream.range(0, n).boxed().toList();
  }

  private static List<String> sorted(List<List<String>> rows, List<Integer> columns) {
    List<String> keys = new ArrayList<>();
    for (List<String> row : rows) {
      keys.add(String.join("|", columns.stream().map(row::get).toList()));
    }
    Collections.sort(keys);
    return keys;
  }

  private static List<List<String>> texts(List<List<Object>> rows) {
    List<List<String>> texts = new ArrayList<>();
    boolean named = rows.stream().anyMatch(r -> r.get(0) != null && !(r.get(0) instanceof Number));
    for (List<Object> row : rows) {
      boolean nothing =
          rows.size() > 1
              && row.size() > 1
              && row.stream().anyMatch(v -> v == null || v instanceof Number)
              && row.stream()
                  .filter(v -> v == null || v instanceof Number)
                  .allMatch(v -> v == null || ((Number) v).doubleValue() == 0)
              && (named || row.stream().anyMatch(v -> v != null && !(v instanceof Number)));
      boolean empty = rows.size() > 1 && row.stream().allMatch(v -> v == null);
      boolean noNumber = row.stream().noneMatch(Number.class::isInstance);
      boolean missingOnly = noNumber && row.stream().skip(1).allMatch(v -> v == null);
      if (!empty && (!nothing || noNumber && !missingOnly)) {
        texts.add(row.stream().map(SameRows::text).toList());
      }
    }
    return texts;
  }

  private static String text(Object value) {
    if (value == null) {
      return "";
    } else if (value instanceof Number number) {
      BigDecimal exact =
          new BigDecimal(number.toString())
              .setScale(SHOWN, RoundingMode.HALF_UP)
              .setScale(DECIMALS, RoundingMode.HALF_UP)
              .round(DIGITS);
      return exact.signum() == 0 ? "0" : exact.stripTrailingZeros().toPlainString();
    } else if (value instanceof Timestamp time) {
      return time.toLocalDateTime().toString().toLowerCase(Locale.ROOT);
    }
    String text = value.toString().toLowerCase(Locale.ROOT);
    // A range is expected by its lower end.
    return text.matches("-?[\\d.]+ to (under )?-?[\\d.]+")
        ? text.substring(0, text.indexOf(' '))
        : text;
  }
}
