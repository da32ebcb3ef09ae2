package org.ropebridge.steering;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Reading;

/** A single number has a trend where its rows have a date. */
class TrendTest {
  private static final Trend TREND =
      Steering.of(DemoModel.MODEL, DemoModel.VALUES, DemoModel.READER).trend();

  private static String trend(String question) {
    Plan plan = DemoModel.READER.read(question).plan().orElseThrow();
    return TREND.of(plan).orElse("none");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          revenue in March 2026 in Ossel | revenue by month between 1 April 2025 and 31 March 2026, for valley Ossel
          revenue last year              | revenue by month between 1 January 2025 and 31 December 2025
          revenue this month             | revenue by month between 1 November 2025 and 18 October 2026
          revenue                        | revenue by year
          revenue from 2023 to 2025      | revenue by year between 1 January 2023 and 31 December 2025
          number of huts                 | none
          revenue by valley              | none
          revenue and occupancy          | none
          """)
  void isTheSameNumberOverTime(String question, String trend) {
    assertEquals(trend, trend(question));
  }

  @Test
  void isReadAsItIsSaid() {
    for (String question : new String[] {"revenue last month", "occupancy this year", "revenue"}) {
      Reading reading = DemoModel.READER.read(trend(question));
      assertEquals(Reading.Status.ANSWERED, reading.status(), question);
      assertEquals(1, reading.plan().orElseThrow().groupings().size(), question);
    }
  }
}
