package org.ropebridge.upload;

import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the cells of one column look like, counted. */
final class ColumnTally {
  private static final int MOST_CURRENCIES = 5;
  private static final Shape[] SHAPES = Shape.values();

  private final long[] counts = new long[SHAPES.length];
  private final String[] examples = new String[SHAPES.length];
  private final long[] lines = new long[SHAPES.length];
  private final Map<String, Long> money = new LinkedHashMap<>();
  private long percents;
  private long wrapped;
  private long midnights;
  private double sumWithPoint;
  private double sumWithComma;

  void add(long line, String cell) {
    String tidy = CellText.tidy(cell);
    if (!tidy.isEmpty() && tidy.length() != cell.length()) {
      wrapped++;
    }
    Shapes.Seen seen = Shapes.of(tidy);
    int shape = seen.shape().ordinal();
    if (counts[shape]++ == 0) {
      examples[shape] = tidy;
      lines[shape] = line;
    }
    if (seen.number() != null) {
      addNumber(seen);
    } else if (isMoment(seen.shape()) && isMidnight(tidy)) {
      midnights++;
    }
  }

  private void addNumber(Shapes.Seen seen) {
    if (seen.number().percent()) {
      percents++;
    }
    String currency = seen.number().money();
    if (!currency.isEmpty() && (money.containsKey(currency) || money.size() < MOST_CURRENCIES)) {
      money.merge(currency, 1L, Long::sum);
    }
    sumWithPoint += Sums.value(seen, DecimalMark.POINT);
    sumWithComma += Sums.value(seen, DecimalMark.COMMA);
  }

  private static boolean isMoment(Shape shape) {
    return shape.ordinal() >= Shape.MOMENT_ISO.ordinal()
        && shape.ordinal() <= Shape.MOMENT_NAMED.ordinal();
  }

  private static boolean isMidnight(String tidy) {
    return Moments.read(tidy).filter(m -> m.time().equals(LocalTime.MIDNIGHT)).isPresent();
  }

  long count(Shape... shapes) {
    long sum = 0;
    for (Shape shape : shapes) {
      sum += counts[shape.ordinal()];
    }
    return sum;
  }

  long present() {
    long sum = 0;
    for (Shape shape : SHAPES) {
      sum += shape.isMissing() ? 0 : counts[shape.ordinal()];
    }
    return sum;
  }

  long numbers() {
    long sum = 0;
    for (Shape shape : SHAPES) {
      sum += shape.isNumber() ? counts[shape.ordinal()] : 0;
    }
    return sum;
  }

  /** Days, and moments that are midnights. */
  long days() {
    return count(
            Shape.DAY_ISO, Shape.DAY_FIRST, Shape.MONTH_FIRST, Shape.DAY_EITHER, Shape.DAY_NAMED)
        + count(Shape.MONTH_ONLY);
  }

  long moments() {
    return count(
        Shape.MOMENT_ISO,
        Shape.MOMENT_FIRST,
        Shape.MOMENT_MONTH_FIRST,
        Shape.MOMENT_EITHER,
        Shape.MOMENT_NAMED);
  }

  boolean allMomentsAreMidnights() {
    return moments() == midnights;
  }

  long dayFirst() {
    return count(Shape.DAY_FIRST, Shape.MOMENT_FIRST);
  }

  long monthFirst() {
    return count(Shape.MONTH_FIRST, Shape.MOMENT_MONTH_FIRST);
  }

  long dayEither() {
    return count(Shape.DAY_EITHER, Shape.MOMENT_EITHER);
  }

  long withPoint() {
    return count(Shape.POINT_DECIMAL, Shape.COMMA_GROUPS);
  }

  long withComma() {
    return count(Shape.COMMA_DECIMAL, Shape.POINT_GROUPS);
  }

  long percents() {
    return percents;
  }

  /** How often each currency stands there; the first five currencies. */
  Map<String, Long> money() {
    return money;
  }

  /** Cells with white space around them. */
  long wrapped() {
    return wrapped;
  }

  double sum(DecimalMark mark) {
    return mark == DecimalMark.POINT ? sumWithPoint : sumWithComma;
  }

  /** An example and its line, of the first of these shapes that there is. */
  String example(Shape... shapes) {
    for (Shape shape : shapes) {
      if (counts[shape.ordinal()] > 0) {
        return "\"" + examples[shape.ordinal()] + "\" in line " + lines[shape.ordinal()];
      }
    }
    return "";
  }
}
