package org.ropebridge.language;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoData;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/** Each section of the English pack with questions that need it. */
class SectionExamplesTest {
  private static final QuestionReader ALL = reader(Sections.of("english"));
  private static final Map<String, QuestionReader> WITHOUT = new ConcurrentHashMap<>();

  private static QuestionReader reader(Sections sections) {
    LanguagePack pack =
        new LanguagePack(
            "en",
            new EnglishVocabulary(sections),
            new EnglishPhrasebook(),
            new EnglishIdentifiers());
    return new QuestionReader(DemoModel.MODEL, DemoModel.VALUES, pack, DemoData.TODAY);
  }

  private static List<String[]> examples() throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(
                    SectionExamplesTest.class.getResourceAsStream("/english-sections.tsv")),
                StandardCharsets.UTF_8))) {
      return reader.lines().filter(l -> !l.startsWith("#")).map(l -> l.split("\t")).toList();
    }
  }

  @TestFactory
  List<DynamicTest> examplesNeedTheirSection() throws IOException {
    return examples().stream()
        .map(e -> DynamicTest.dynamicTest(e[0] + ": " + e[1], () -> check(e[0], e[1], e[2])))
        .toList();
  }

  private static void check(String section, String question, String expected) {
    QuestionReader without =
        WITHOUT.computeIfAbsent(section, s -> reader(Sections.without(s, "english")));
    assertEquals(expected, said(ALL, question));
    assertNotEquals(expected, said(without, question), "the section makes no difference");
  }

  /** How it is read: as what, as one of several, as a question about the model, or why not. */
  private static String said(QuestionReader reader, String question) {
    String[] thread = question.split(" > ");
    List<Plan> before =
        thread.length == 1 ? List.of() : reader.read(thread[0]).plan().map(List::of).orElseThrow();
    Reading reading = reader.read(thread[thread.length - 1], before);
    if (reading.status() == Reading.Status.UNCLEAR) {
      return reading.choices().stream()
          .map(Reading.Choice::restatement)
          .collect(Collectors.joining(" or: "));
    }
    return reading
        .about()
        .map(Object::toString)
        .or(reading::restatement)
        .orElseGet(reading::reason);
  }

  @Test
  void everySectionHasExamples() throws IOException {
    Map<String, Long> shown =
        examples().stream().collect(Collectors.groupingBy(e -> e[0], Collectors.counting()));
    assertEquals(
        List.of(), Sections.ALL.stream().filter(s -> shown.getOrDefault(s, 0L) < 3).toList());
    assertEquals(Set.copyOf(Sections.ALL), shown.keySet());
  }

  @Test
  void whatASectionMayNotSayIsTold() {
    IllegalArgumentException noKind =
        assertThrows(IllegalArgumentException.class, () -> Meanings.of("comparison", "AT_LEAST"));
    assertTrue(noKind.getMessage().startsWith("no kind \"comparison\"; there are ["));
    IllegalArgumentException noName =
        assertThrows(IllegalArgumentException.class, () -> Meanings.of("comparisons", "AT_LAST"));
    assertEquals("no \"AT_LAST\" among comparisons", noName.getMessage());
  }
}
