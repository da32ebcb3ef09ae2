package org.ropebridge.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.ropebridge.TestDatabase;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.RandomPlans;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/**
 * Whatever can be planned on a model can be said, and is read as the same plan. How many plans are
 * tried on each model, and from which seed on, can be set with {@code -Dround.trips} and {@code
 * -Dround.first}.
 */
class RoundTripTest {
  private static final int TRIPS = Integer.getInteger("round.trips", 800);
  private static final int FIRST = Integer.getInteger("round.first", 0);
  private static final int TOLD = 8;

  @ParameterizedTest
  @FieldSource("org.ropebridge.bench.PracticeModels#NAMES")
  void aPlanInWordsIsReadAsThePlan(String model) throws SQLException {
    List<String> misses = new ArrayList<>();
    int missed = 0;
    try (Connection connection = QuestionBench.open(TestDatabase.cluster())) {
      QuestionBench bench = QuestionBench.of(model, connection);
      QuestionReader reader = bench.reader();
      RandomPlans plans = new RandomPlans(bench.model(), bench.values(), reader.periods().today());
      for (int seed = FIRST; seed < FIRST + TRIPS; seed++) {
        Plan plan = plans.of(seed);
        String words = reader.restatement().of(plan);
        Reading reading = reader.read(words);
        if (!reading.plan().equals(Optional.of(plan))) {
          missed++;
          misses.add(seed + ": " + words + " -> " + told(reading));
        }
      }
    }
    List<String> some = misses.subList(0, Math.min(TOLD, misses.size()));
    assertEquals(0, missed, () -> String.join("\n", some));
  }

  private static String told(Reading reading) {
    return reading.status()
        + " "
        + reading.restatement().orElse(reading.reason())
        + " "
        + reading.choices().stream().map(Reading.Choice::restatement).toList();
  }
}
