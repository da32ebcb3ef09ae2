package org.ropebridge.plan;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * What a number is compared with.
 *
 * @param low the number, or the lower end of {@link Filter.Comparison#BETWEEN}
 * @param high upper end of {@link Filter.Comparison#BETWEEN}, which includes both ends
 */
public record Bound(Filter.Comparison comparison, BigDecimal low, Optional<BigDecimal> high) {
  public Bound {
    low = plain(low);
    high = high.map(Bound::plain);
    if ((comparison == Filter.Comparison.BETWEEN) != high.isPresent()) {
      throw new IllegalArgumentException("only between has two ends");
    }
  }

  public static Bound of(Filter.Comparison comparison, long number) {
    return new Bound(comparison, BigDecimal.valueOf(number), Optional.empty());
  }

  /** Whether a number is so. */
  public boolean holds(BigDecimal number) {
    int below = number.compareTo(low);
    return switch (comparison) {
      case MORE_THAN -> below > 0;
      case AT_LEAST -> below >= 0;
      case LESS_THAN -> below < 0;
      case AT_MOST -> below <= 0;
      case EQUAL_TO -> below == 0;
      case BETWEEN -> below >= 0 && number.compareTo(high.orElseThrow()) <= 0;
    };
  }

  private static BigDecimal plain(BigDecimal number) {
    return new BigDecimal(number.stripTrailingZeros().toPlainString());
  }
}
