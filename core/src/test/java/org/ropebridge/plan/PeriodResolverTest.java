package org.ropebridge.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.PotteryModel;
import org.ropebridge.reading.QuestionReader;

/** The days that words of time stand for; "today" is Sunday, 18 October 2026. */
class PeriodResolverTest {

  private static void check(QuestionReader reader, String measure, String words, String days) {
    Plan plan =
        reader
            .read(measure + " " + words)
            .plan()
            .orElseThrow(() -> new AssertionError(reader.read(measure + " " + words).reason()));
    Filter.InPeriod filter = (Filter.InPeriod) plan.filters().get(0);
    DayRange range = reader.periods().resolve(filter.period());
    assertEquals(
        days,
        range.first().map(Object::toString).orElse("")
            + ".."
            + range.last().map(Object::toString).orElse(""));
  }

  @ParameterizedTest
  @CsvSource({
    "today, 2026-10-18..2026-10-18",
    "yesterday, 2026-10-17..2026-10-17",
    "this week, 2026-10-12..2026-10-18",
    "last week, 2026-10-05..2026-10-11",
    "this month, 2026-10-01..2026-10-31",
    "last month, 2026-09-01..2026-09-30",
    "last 30 days, 2026-09-19..2026-10-18",
    "past 4 quarters, 2025-10-01..2026-09-30",
    "last three months, 2026-07-01..2026-09-30",
    "in March, 2026-03-01..2026-03-31",
    "in December, 2025-12-01..2025-12-31",
    "last March, 2026-03-01..2026-03-31",
    "this business year, 2025-11-01..2026-10-31",
    "business year 2025, 2024-11-01..2025-10-31",
    "summer 2025, 2025-06-01..2025-08-31",
    "winter 2024, 2024-12-01..2025-02-28",
    "this summer, 2026-06-01..2026-08-31",
    "last summer, 2025-06-01..2025-08-31",
    "Q3 2025, 2025-07-01..2025-09-30",
    "in the third quarter of 2025, 2025-07-01..2025-09-30",
    "in the second half of last year, 2025-07-01..2025-12-31",
    "between May and August, 2026-05-01..2026-08-31",
    "between November and January, 2025-11-01..2026-01-31",
    "from May to August 2024, 2024-05-01..2024-08-31",
    "since 2023, 2023-01-01..",
    "before June, ..2026-05-31",
    "until May 2025, ..2025-05-31",
    "after 12 May 2025, 2025-05-13..",
    "year to date, 2026-01-01..2026-10-18",
    "on 12 May 2025, 2025-05-12..2025-05-12",
    "on 12th of May, 2026-05-12..2026-05-12",
    "'on May 12, 2025', 2025-05-12..2025-05-12",
    "on 2025-05-12, 2025-05-12..2025-05-12",
    "last Tuesday, 2026-10-13..2026-10-13",
    "during the Lantern Week, 2026-08-14..2026-08-21",
    "in the Lantern Week 2023, 2023-08-14..2023-08-21",
    "during the Storm Week, 2026-05-11..2026-05-24"
  })
  void onTheDemo(String words, String days) {
    check(DemoModel.READER, "guest nights", words, days);
  }

  @ParameterizedTest
  @CsvSource({
    "this week, 2025-02-09..2025-02-15",
    "last year, 2024-01-01..2024-12-31",
    "business year 2024, 2024-01-01..2024-12-31"
  })
  void whereWeeksBeginOnSunday(String words, String days) {
    check(PotteryModel.READER, "takings", words, days);
  }
}
