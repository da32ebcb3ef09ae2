package org.ropebridge.reference;

import java.math.BigDecimal;
import java.math.MathContext;
import java.sql.Date;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.List;

/** Values of cells: numbers, texts, days, moments, truth values, or null where one is missing. */
final class Values {
  /** More digits than any answer shows. */
  static final MathContext DIGITS = new MathContext(40);

  private static final BigDecimal CLOSE = new BigDecimal("1e-9");

  private Values() {}

  /** What a driver gives, as the kinds of values used here. */
  static Object of(Object fromDriver) {
    if (fromDriver instanceof Number number) {
      return new BigDecimal(number.toString());
    } else if (fromDriver instanceof Date date) {
      return date.toLocalDate();
    } else if (fromDriver instanceof Timestamp time) {
      return time.toLocalDateTime();
    }
    return fromDriver;
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  static int compare(Object left, Object right) {
    return ((Comparable) left).compareTo(right);
  }

  /** Whether both are there and equal. */
  static boolean same(Object left, Object right) {
    return left != null && right != null && compare(left, right) == 0;
  }

  /** Whether the two are the same for a reader of an answer: equal but for tiny fractions. */
  static boolean close(Object left, Object right) {
    if (left == null || right == null) {
      return left == right;
    } else if (left instanceof BigDecimal a && right instanceof BigDecimal b) {
      BigDecimal larger = a.abs().max(b.abs()).max(BigDecimal.ONE);
      return a.subtract(b).abs().compareTo(larger.multiply(CLOSE)) <= 0;
    }
    return left.getClass() == right.getClass() && compare(left, right) == 0;
  }

  static List<Object> distinct(List<Object> values) {
    List<Object> distinct = new ArrayList<>();
    for (Object value : values) {
      if (distinct.stream().noneMatch(v -> same(v, value))) {
        distinct.add(value);
      }
    }
    return distinct;
  }

  /** The quotient; none where the divisor is zero or either is missing. */
  static BigDecimal quotient(BigDecimal dividend, BigDecimal divisor) {
    return dividend == null || divisor == null || divisor.signum() == 0
        ? null
        : dividend.divide(divisor, DIGITS);
  }

  static BigDecimal sum(List<Object> values) {
    return values.stream().map(v -> (BigDecimal) v).reduce(BigDecimal::add).orElse(null);
  }

  static BigDecimal mean(List<Object> values) {
    return quotient(sum(values), BigDecimal.valueOf(values.size()));
  }

  static Object least(List<Object> values) {
    return values.stream().min(Values::compare).orElse(null);
  }

  static Object greatest(List<Object> values) {
    return values.stream().max(Values::compare).orElse(null);
  }

  /** The value below which a part of the values lies, between neighbours in proportion. */
  static BigDecimal percentile(List<Object> values, int percent) {
    if (values.isEmpty()) {
      return null;
    }
    List<Object> sorted = values.stream().sorted(Values::compare).toList();
    BigDecimal place = BigDecimal.valueOf((sorted.size() - 1L) * percent, 2);
    int below = place.intValue();
    BigDecimal low = (BigDecimal) sorted.get(below);
    BigDecimal high = (BigDecimal) sorted.get(Math.min(below + 1, sorted.size() - 1));
    return low.add(high.subtract(low).multiply(place.subtract(BigDecimal.valueOf(below))));
  }

  /** The standard deviation of a sample; none for fewer than two values. */
  static BigDecimal deviation(List<Object> values) {
    if (values.size() < 2) {
      return null;
    }
    BigDecimal mean = mean(values);
    BigDecimal squares =
        values.stream()
            .map(v -> ((BigDecimal) v).subtract(mean).pow(2))
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    return squares.divide(BigDecimal.valueOf(values.size() - 1L), DIGITS).sqrt(DIGITS);
  }

  /** Pearson's correlation; none where either does not vary. */
  static BigDecimal correlation(List<Object> first, List<Object> second) {
    BigDecimal a = mean(first);
    BigDecimal b = mean(second);
    BigDecimal together = BigDecimal.ZERO;
    BigDecimal squaresOfFirst = BigDecimal.ZERO;
    BigDecimal squaresOfSecond = BigDecimal.ZERO;
    for (int i = 0; i < first.size(); i++) {
      BigDecimal x = ((BigDecimal) first.get(i)).subtract(a);
      BigDecimal y = ((BigDecimal) second.get(i)).subtract(b);
      together = together.add(x.multiply(y));
      squaresOfFirst = squaresOfFirst.add(x.pow(2));
      squaresOfSecond = squaresOfSecond.add(y.pow(2));
    }
    return quotient(together, squaresOfFirst.multiply(squaresOfSecond).sqrt(DIGITS));
  }
}
