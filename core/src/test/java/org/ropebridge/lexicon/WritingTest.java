package org.ropebridge.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigDecimal;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WritingTest {
  @ParameterizedTest
  @CsvSource({
    "POINTS, '2,500', 2500",
    "POINTS, 2.5, 2.5",
    "POINTS, '1,234,567.8', 1234567.8",
    "COMMAS, 2.500, 2500",
    "COMMAS, '2,5', 2.5",
    "COMMAS, '1.234.567,8', 1234567.8",
    "COMMAS, 2026, 2026",
  })
  void numbersAsALanguageWritesThem(Writing writing, String text, BigDecimal number) {
    assertEquals(Optional.of(number), writing.number(text));
  }

  @ParameterizedTest
  @CsvSource({
    "POINTS, '2,50'",
    "COMMAS, 2.50",
    "COMMAS, 12.5.2025",
    "POINTS, 1234567890123456789",
  })
  void whatIsNoNumber(Writing writing, String text) {
    assertEquals(Optional.empty(), writing.number(text));
  }

  @ParameterizedTest
  @CsvSource({
    "60, 3600, 90, 1.5",
    "1000000, 1000, 2, 2000",
    "1, 10, 25, 2.5",
    "60, 3600, 100, ",
  })
  void amountsOfAnotherUnit(long size, long own, BigDecimal amount, BigDecimal converted) {
    assertEquals(Optional.ofNullable(converted), new UnitRatio(size, own).converted(amount));
  }
}
