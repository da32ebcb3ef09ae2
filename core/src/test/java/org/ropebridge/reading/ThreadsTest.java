package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.plan.Plan;

/** Each follow-up of the threads stands for a whole question, or is turned down as it should. */
class ThreadsTest {

  @TestFactory
  List<DynamicTest> threads() {
    List<DynamicTest> tests = new ArrayList<>();
    for (String thread : DemoFiles.text("questions/threads.tsv").split("\n\n")) {
      List<Plan> before = new ArrayList<>();
      for (String line : thread.lines().filter(l -> !l.startsWith("#")).toList()) {
        String[] turn = line.split("\t");
        List<Plan> then = List.copyOf(before);
        Reading reading = DemoModel.READER.read(turn[0], then);
        reading.plan().ifPresent(p -> before.add(0, p));
        boolean startsAgain = reading.followUp().filter(FollowUp::startsAgain).isPresent();
        if (startsAgain) {
          before.clear();
        }
        tests.add(DynamicTest.dynamicTest(turn[0], () -> check(reading, turn[1])));
      }
    }
    return tests;
  }

  private static void check(Reading reading, String expected) {
    if (expected.equals("!")) {
      assertNotEquals(Reading.Status.ANSWERED, reading.status());
      return;
    }
    Reading meant = DemoModel.READER.read(expected);
    assertEquals(Reading.Status.ANSWERED, meant.status(), () -> "expectation: " + meant.reason());
    assertEquals(meant.restatement().orElseThrow(), reading.restatement().orElse(reading.reason()));
    assertEquals(Reading.Status.ANSWERED, reading.status());
  }
}
