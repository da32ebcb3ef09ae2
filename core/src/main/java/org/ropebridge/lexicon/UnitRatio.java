package org.ropebridge.lexicon;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * How two units of one kind compare: a minute and an hour are 60 to 3,600.
 *
 * @param size of the unit, in the smallest of its kind
 * @param own size of the unit that a model counts in, in the same
 */
public record UnitRatio(long size, long own) {
  private static final int MOST_DECIMALS = 6;

  /** An amount of the unit in the model's own; empty where decimals cannot say it exactly. */
  public Optional<BigDecimal> converted(BigDecimal amount) {
    BigDecimal whole = amount.multiply(BigDecimal.valueOf(size));
    BigDecimal converted =
        whole
            .divide(BigDecimal.valueOf(own), MOST_DECIMALS, RoundingMode.HALF_UP)
            .stripTrailingZeros();
    boolean exact = converted.multiply(BigDecimal.valueOf(own)).compareTo(whole) == 0;
    return exact ? Optional.of(plain(converted)) : Optional.empty();
  }

  private static BigDecimal plain(BigDecimal number) {
    return number.scale() < 0 ? number.setScale(0) : number;
  }

  /** Whether an amount of this unit is fewer of the model's own than one of the other. */
  boolean isSmallerThan(UnitRatio other) {
    return BigDecimal.valueOf(size)
            .multiply(BigDecimal.valueOf(other.own))
            .compareTo(BigDecimal.valueOf(other.size).multiply(BigDecimal.valueOf(own)))
        < 0;
  }
}
