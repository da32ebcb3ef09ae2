package org.ropebridge.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.ropebridge.TestDatabase;

/** The same question on the same model is the same plan and SQL, in any process and order. */
class DeterminismTest {
  @ParameterizedTest
  @FieldSource("org.ropebridge.bench.PracticeModels#NAMES")
  void anotherProcessInAnotherOrderReadsTheSame(String model)
      throws SQLException, IOException, InterruptedException {
    String here;
    String hereInAnotherOrder;
    try (Connection connection = QuestionBench.open(TestDatabase.cluster())) {
      QuestionBench bench = QuestionBench.of(model, connection);
      here = Fingerprint.of(bench, model, 1);
      hereInAnotherOrder = Fingerprint.of(bench, model, 2);
    }
    assertEquals(here, hereInAnotherOrder);
    assertEquals(here, inAnotherProcess(model));
  }

  private static String inAnotherProcess(String model) throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                Fingerprint.class.getName(),
                TestDatabase.cluster(),
                model,
                "3")
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    String printed =
        new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    assertEquals(0, process.waitFor());
    return printed;
  }
}
