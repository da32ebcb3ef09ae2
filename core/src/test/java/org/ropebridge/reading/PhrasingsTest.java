package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.plan.Plan;

/** The many ways of saying the same, alone or after another question. */
class PhrasingsTest {
  @TestFactory
  List<DynamicTest> everyWayOfSayingItIsRead() throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(PhrasingsTest.class.getResourceAsStream("/phrasings.tsv")),
                StandardCharsets.UTF_8))) {
      return reader
          .lines()
          .filter(l -> !l.startsWith("#"))
          .map(l -> l.split("\t"))
          .map(cells -> DynamicTest.dynamicTest(cells[1], () -> check(cells[1], cells[2])))
          .toList();
    }
  }

  private static void check(String question, String restatement) {
    Reading reading = read(question);
    assertEquals(restatement, reading.restatement().orElse(reading.reason()));
    assertEquals(Reading.Status.ANSWERED, reading.status());
  }

  /** The reading of the last turn of a thread, whose turns are parted by ">". */
  private static Reading read(String thread) {
    List<Plan> before = new ArrayList<>();
    Reading reading = null;
    for (String turn : thread.split(" > ")) {
      reading = DemoModel.READER.read(turn, List.copyOf(before));
      reading.plan().ifPresent(p -> before.add(0, p));
    }
    return reading;
  }
}
