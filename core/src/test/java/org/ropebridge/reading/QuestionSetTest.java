package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoFiles;

/** Each question of the sets means what its restatement says, or is turned down as it should. */
class QuestionSetTest {

  @TestFactory
  Stream<DynamicTest> firstCrossing() {
    return questions("questions/first-crossing.tsv");
  }

  @TestFactory
  Stream<DynamicTest> secondLook() {
    return questions("questions/second-look.tsv");
  }

  private static Stream<DynamicTest> questions(String file) {
    return DemoFiles.text(file)
        .lines()
        .filter(line -> !line.isBlank() && !line.startsWith("#"))
        .map(line -> line.split("\t"))
        .map(row -> DynamicTest.dynamicTest(row[0], () -> check(row[0], row[1])));
  }

  private static void check(String question, String expected) {
    Reading reading = DemoModel.READER.read(question);
    if (expected.equals("!")) {
      assertNotEquals(
          Reading.Status.ANSWERED, reading.status(), () -> "read as " + reading.restatement());
    } else if (expected.startsWith("!")) {
      assertEquals(expected.substring(1), reading.status().name().toLowerCase(Locale.ROOT));
    } else {
      Reading meant = DemoModel.READER.read(expected);
      assertEquals(Reading.Status.ANSWERED, meant.status(), () -> "expectation: " + shown(meant));
      assertEquals(meant.restatement().orElseThrow(), shown(reading));
      assertEquals(Reading.Status.ANSWERED, reading.status());
    }
  }

  private static String shown(Reading reading) {
    return reading
        .restatement()
        .orElseGet(
            () ->
                reading.status()
                    + " "
                    + reading.reason()
                    + reading.choices().stream().map(Reading.Choice::restatement).toList());
  }
}
