package org.ropebridge.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.TestDatabase;
import org.ropebridge.bench.QuestionBench.Outcome;
import org.ropebridge.bench.QuestionBench.Tally;

/** What the question sets have reached is kept. */
class QuestionBenchTest {
  @ParameterizedTest
  @CsvSource({
    "huts, 0.93, 0.7, 0.1",
    "theatre, 0.95, 0, 0",
    "water, 0.93, 0, 0",
    "seeds, 0.93, 0, 0",
    "ferries, 0.91, 0, 0",
    "library, 0.90, 0.7, 0.1",
    "shop, 0.93, 0.7, 0.1",
    "works, 0.87, 0, 0",
    "vets, 0.87, 0, 0",
    "broadband, 0.80, 0, 0",
    "school, 0.80, 0, 0",
    "cover, 0.78, 0, 0",
  })
  void asManyAreRightAsBefore(String model, double developed, double heldBack, double wrongAtMost)
      throws SQLException {
    List<String> wrong = new ArrayList<>();
    Map<String, Tally> parts;
    try (Connection connection = QuestionBench.open(TestDatabase.cluster())) {
      parts =
          QuestionBench.of(model, connection)
              .ask(
                  model,
                  (question, reading, outcome) -> {
                    if (outcome != Outcome.RIGHT && question.part().equals("d")) {
                      wrong.add(question.ask() + ": " + outcome);
                    }
                  });
    }
    assertTrue(share(parts.get("d"), Outcome.RIGHT) >= developed, wrong::toString);
    if (!parts.containsKey("h")) {
      return;
    }
    assertTrue(share(parts.get("h"), Outcome.RIGHT) >= heldBack, parts.get("h")::toString);
    assertTrue(share(parts.get("h"), Outcome.WRONG) <= wrongAtMost, parts.get("h")::toString);
  }

  private static double share(Tally tally, Outcome outcome) {
    return (double) tally.of(outcome) / tally.all();
  }

  @Test
  void rowsAreComparedByValue() {
    List<List<Object>> expected = List.of(List.of("a", 1), List.of("b", 2.0));
    assertTrue(SameRows.hold(expected, List.of(List.of(2, "x", "b"), List.of(1, "y", "a"))));
    assertEquals(false, SameRows.hold(expected, List.of(List.of("a", 1), List.of("b", 3))));
    assertEquals(false, SameRows.hold(expected, List.of(List.of("a", 1))));
  }
}
