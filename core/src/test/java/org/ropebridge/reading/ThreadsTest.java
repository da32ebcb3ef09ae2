package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
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

  private static List<String> choices(String before, String question) {
    return DemoModel.READER
        .read(question, List.of(DemoModel.READER.read(before).plan().orElseThrow()))
        .choices()
        .stream()
        .map(Reading.Choice::restatement)
        .toList();
  }

  @Test
  void whereItCouldBeEitherTheOtherIsOffered() {
    assertEquals(List.of("occupancy"), choices("revenue by valley", "occupancy").subList(1, 2));
    assertEquals(
        List.of("revenue by hut this year"),
        choices("revenue by valley this year", "revenue by hut"));
    assertEquals(
        List.of(), choices("revenue by valley this year", "number of callouts by cause last year"));
  }

  @Test
  void whatIsKeptAndChangedIsTold() {
    FollowUp change =
        DemoModel.READER
            .read(
                "by hut instead",
                List.of(DemoModel.READER.read("revenue by valley this year").plan().orElseThrow()))
            .followUp()
            .orElseThrow();
    assertEquals(List.of("revenue", "this year"), change.kept());
    assertEquals(List.of("by hut"), change.added());
    assertEquals(List.of("by valley"), change.dropped());
  }

  @Test
  void whatDoesNotGoWithANewMeasureIsLeftOutAndTold() {
    Reading reading =
        DemoModel.READER.read(
            "what about callouts",
            List.of(DemoModel.READER.read("revenue by channel this year").plan().orElseThrow()));
    assertEquals("number of callouts this year", reading.restatement().orElseThrow());
    assertTrue(
        reading.assumptions().contains(new Assumption.LeftOut(List.of("channel"))),
        () -> reading.assumptions().toString());
  }

  @Test
  void withoutAQuestionBeforeNothingLeans() {
    assertNotEquals(
        Reading.Status.ANSWERED, DemoModel.READER.read("by hut instead", List.of()).status());
    Reading back =
        DemoModel.READER.read(
            "go back", List.of(DemoModel.READER.read("revenue").plan().orElseThrow()));
    assertEquals("There is no question before this one.", back.reason());
  }
}
