package org.ropebridge.language;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.GermanModel;
import org.ropebridge.demo.DemoData;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/** Each section of a language pack with questions that need it. */
class SectionExamplesTest {
  /**
   * A language with its sections and a model in it.
   *
   * @param pack makes a pack of sections
   */
  private record Language(
      String name, Function<Sections, LanguagePack> pack, Model model, ValueIndex values) {
    QuestionReader reader(Sections sections) {
      return new QuestionReader(model, values, pack.apply(sections), DemoData.TODAY);
    }

    List<String[]> examples() throws IOException {
      String table = "/" + name + "-sections.tsv";
      try (BufferedReader reader =
          new BufferedReader(
              new InputStreamReader(
                  Objects.requireNonNull(SectionExamplesTest.class.getResourceAsStream(table)),
                  StandardCharsets.UTF_8))) {
        return reader.lines().filter(l -> !l.startsWith("#")).map(l -> l.split("\t")).toList();
      }
    }
  }

  private static final Language ENGLISH =
      new Language(
          "english",
          s ->
              new LanguagePack(
                  "en",
                  new EnglishVocabulary(s),
                  new EnglishPhrasebook(),
                  new EnglishIdentifiers()),
          DemoModel.MODEL,
          withHomes(DemoModel.VALUES, "Norway", "The Netherlands", "United Kingdom"));
  private static final Language GERMAN =
      new Language(
          "german",
          s ->
              new LanguagePack(
                  "de", new GermanVocabulary(s), new GermanPhrasebook(), new EnglishIdentifiers()),
          GermanModel.MODEL,
          withHomes(GermanModel.VALUES, "Norwegen", "Niederlande"));

  /** The values of a model whose members live in these countries. */
  private static ValueIndex withHomes(ValueIndex values, String... countries) {
    Map<ColumnRef, List<String>> all = new HashMap<>(values.values());
    all.merge(
        ColumnRef.of("members", "home_region"),
        List.of(countries),
        (a, b) -> Stream.concat(a.stream(), b.stream()).toList());
    return new ValueIndex(all);
  }

  @TestFactory
  List<DynamicTest> englishExamplesNeedTheirSection() throws IOException {
    return examples(ENGLISH);
  }

  @TestFactory
  List<DynamicTest> germanExamplesNeedTheirSection() throws IOException {
    return examples(GERMAN);
  }

  private static List<DynamicTest> examples(Language language) throws IOException {
    QuestionReader all = language.reader(Sections.of(language.name()));
    Map<String, QuestionReader> without = new ConcurrentHashMap<>();
    return language.examples().stream()
        .map(
            e ->
                DynamicTest.dynamicTest(
                    e[0] + ": " + e[1],
                    () -> {
                      assertEquals(e[2], said(all, e[1]));
                      QuestionReader other =
                          without.computeIfAbsent(
                              e[0], s -> language.reader(Sections.without(s, language.name())));
                      assertNotEquals(e[2], said(other, e[1]), "the section makes no difference");
                    }))
        .toList();
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
    assertEquals(List.of(), sectionsWithFewer(3, ENGLISH));
    assertEquals(List.of(), sectionsWithFewer(2, GERMAN));
  }

  private static List<String> sectionsWithFewer(int examples, Language language)
      throws IOException {
    Map<String, Long> shown =
        language.examples().stream()
            .collect(Collectors.groupingBy(e -> e[0], Collectors.counting()));
    assertEquals(Set.copyOf(Sections.ALL), shown.keySet());
    return shown.keySet().stream().filter(s -> shown.get(s) < examples).toList();
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
