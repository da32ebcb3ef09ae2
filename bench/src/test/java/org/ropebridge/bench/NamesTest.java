package org.ropebridge.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.TestDatabase;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Reading;

/** Names of a model that are also words of the language, or parts of one another. */
class NamesTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // Productions are also called shows, and bookings orders.
        "theatre | show ticket income by genre | ticket income by genre",
        "theatre | show count by genre | number of productions by genre",
        "theatre | shows by genre | number of productions by genre",
        "theatre | tickets sold by genre > show seats offered instead | seats offered by genre",
        "theatre | seats offered by stage in 2024 > show 2025 | seats offered by stage in 2025",
        // "Broken down" is why a sailing was cancelled.
        "ferries | average fare in 2025 > broken down by month | average fare by month in 2025",
        // A rate that cannot be told so is no fall of another rate.
        "water | loss rate by substance | leaks have no single substance, so they cannot be split or"
            + " limited by it.",
        // Plantings have no name.
        "orchard | plantings with fewer than 2 pickings by crop | number of plantings by crop for"
            + " plantings having less than 2 (pickings)",
        "orchard | how many pickings does the average planting have | number of pickings divided by"
            + " number of plantings",
      })
  void areReadAsTheyAreMeant(String model, String asked, String expected) throws SQLException {
    try (Connection connection = QuestionBench.open(TestDatabase.cluster())) {
      QuestionBench bench = QuestionBench.of(model, connection);
      List<Plan> before = new ArrayList<>();
      String read = "";
      for (String turn : asked.split(" > ")) {
        Reading reading = bench.reader().read(turn, List.copyOf(before));
        reading.plan().ifPresent(p -> before.add(0, p));
        read = reading.restatement().orElse(reading.reason());
      }
      assertEquals(expected, read);
    }
  }
}
