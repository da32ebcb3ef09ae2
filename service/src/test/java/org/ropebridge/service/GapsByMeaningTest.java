package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.gaps.Asked;
import org.ropebridge.gaps.Gaps;
import org.ropebridge.service.models.Engines;

/** Which words are one gap, by the vectors that the service uses. */
@ExtendWith(RunningService.class)
class GapsByMeaningTest {
  private static final List<String> SAME =
      List.of(
          "no-shows/no shows",
          "no-shows/absentees",
          "sojourn/overnight stay",
          "carbon emissions/co2 emissions",
          "carbon footprint/carbon emissions",
          "lunch/midday meal",
          "staff/employees",
          "wage/salary",
          "complaints/grievances",
          "refunds/money back",
          "solar power/solar energy",
          "weather/weather conditions",
          "headcount/number of employees",
          "drinking water/potable water",
          "profit/net profit",
          "parking lots/car parks");
  private static final List<String> OTHER =
      List.of(
          "no-shows/cancellations",
          "carbon emissions/water use",
          "lunch/breakfast",
          "staff/volunteers",
          "wage/rent",
          "complaints/reviews",
          "refunds/discounts",
          "solar power/diesel",
          "weather/snow depth",
          "profit/revenue",
          "parking lots/bike racks",
          "drinking water/firewood",
          "helicopter/ambulance",
          "profit/cost",
          "salary/budget",
          "temperature/rainfall");

  private static boolean areOneGap(String pair) {
    Gaps gaps =
        new Gaps(
            RunningService.bean(Engines.class).wordVectors(),
            w -> w.toLowerCase(Locale.ROOT),
            w -> false);
    List<Asked> asked =
        Stream.of(pair.split("/"))
            .map(w -> new Asked(w, w, w, Asked.Outcome.DECLINED, List.of(w), List.of(), "", ""))
            .toList();
    return gaps.of(asked).size() == 1;
  }

  @Test
  void wordsOfOtherThingsAreNeverOneGap() {
    assertEquals(List.of(), OTHER.stream().filter(GapsByMeaningTest::areOneGap).toList());
  }

  @Test
  void halfOfTheWordsThatMeanTheSameAreOneGap() {
    assertTrue(SAME.stream().filter(GapsByMeaningTest::areOneGap).count() >= 8);
  }
}
