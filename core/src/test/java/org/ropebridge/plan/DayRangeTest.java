package org.ropebridge.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Ranges of days within one another. */
class DayRangeTest {
  private static final LocalDate JULY = LocalDate.of(2026, 7, 1);
  private static final LocalDate AUGUST = LocalDate.of(2026, 8, 1);
  private static final LocalDate NEXT_YEAR = LocalDate.of(2027, 1, 1);
  private static final DayRange MONTH = DayRange.of(JULY, AUGUST);
  private static final DayRange YEAR = DayRange.of(LocalDate.of(2026, 1, 1), NEXT_YEAR);
  private static final DayRange ALL = new DayRange(Optional.empty(), Optional.empty());

  @Test
  void aRangeContainsWhatDoesNotReachBeyondIt() {
    assertEquals(true, YEAR.contains(MONTH));
    assertEquals(true, YEAR.contains(YEAR));
    assertEquals(false, MONTH.contains(YEAR));
    assertEquals(false, MONTH.contains(DayRange.of(JULY, NEXT_YEAR)));
    assertEquals(false, MONTH.contains(DayRange.of(JULY.minusDays(1), AUGUST)));
  }

  @Test
  void whatHasNoEndIsOnlyInWhatHasNone() {
    assertEquals(true, ALL.contains(MONTH));
    assertEquals(true, ALL.contains(ALL));
    assertEquals(false, YEAR.contains(ALL));
    assertEquals(false, YEAR.contains(new DayRange(Optional.of(JULY), Optional.empty())));
  }
}
