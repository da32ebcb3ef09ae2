package org.ropebridge.upload;

/** Sums that a row of totals is recognised by. */
final class Sums {
  /** Totals are often rounded for print. */
  private static final double NEAR = 1e-6;

  private Sums() {}

  /** The number's value with that mark; 0 if it cannot have it. */
  static double value(Shapes.Seen seen, DecimalMark mark) {
    boolean other =
        switch (seen.shape()) {
          case POINT_DECIMAL, COMMA_GROUPS -> mark == DecimalMark.COMMA;
          case COMMA_DECIMAL, POINT_GROUPS -> mark == DecimalMark.POINT;
          case CODE -> true;
          default -> false;
        };
    return other ? 0 : seen.number().value(mark).doubleValue();
  }

  static boolean isSum(double total, double sum) {
    return Math.abs(total - sum) <= Math.max(Math.abs(sum) * NEAR, 0.005);
  }
}
