package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.answer.Explanations;
import org.ropebridge.demo.DemoData;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Model;

/**
 * Questions about the model are answered in its author's words; questions of data are left alone.
 */
class AboutTest {
  @ParameterizedTest(name = "{0}")
  @CsvFileSource(
      resources = "/about.tsv",
      delimiter = '\t',
      quoteCharacter = '\0',
      emptyValue = "",
      nullValues = "\0")
  void questions(String question, String kind, String part) {
    Reading reading = DemoModel.READER.read(question);
    if (kind.equals("-")) {
      assertNotEquals(Reading.Status.EXPLAINED, reading.status());
      if (part.equals("?")) {
        assertNotEquals(Reading.Status.ANSWERED, reading.status());
      } else {
        assertTrue(reading.restatement().orElse("").contains(part), reading::toString);
      }
      return;
    }
    assertEquals(Reading.Status.EXPLAINED, reading.status(), reading::reason);
    About about = reading.about().orElseThrow();
    assertEquals(kind, about.getClass().getSimpleName());
    assertEquals(List.of(), reading.unread());
    Explanations.Explained explained = new Explanations(DemoModel.MODEL).of(about);
    String all =
        Stream.concat(
                explained.sentences().stream(),
                explained.definitions().stream().map(d -> d.formula()))
            .collect(Collectors.joining("\n"));
    assertTrue(all.contains(part), all);
    for (String next : explained.questions()) {
      Reading.Status status = DemoModel.READER.read(next).status();
      assertTrue(status == Reading.Status.ANSWERED || status == Reading.Status.EXPLAINED, next);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "revenue by valley in 2025, what does that mean, Sense, It is counted in EUR.",
    "revenue by valley in 2025, how is this computed, Sense, It is counted in EUR.",
    "revenue by valley in 2025, where does that come from, Origin, Charges are read from",
    "growth of occupancy by hut, how did you get that, Sense, Guest nights as a share",
    "how many callouts were there, explain that, Sense, One row is one callout",
    "list of huts in Ossel, what am i looking at, Sense, One row is one hut"
  })
  void whatTheAnswerBeforeToldIsExplained(String first, String then, String kind, String part) {
    Reading before = DemoModel.READER.read(first);
    Reading reading = DemoModel.READER.read(then, List.of(before.plan().orElseThrow()));
    About about = reading.about().orElseThrow();
    assertEquals(kind, about.getClass().getSimpleName());
    List<String> sentences = new Explanations(DemoModel.MODEL).of(about).sentences();
    assertTrue(sentences.stream().anyMatch(s -> s.contains(part)), sentences::toString);
    assertTrue(DemoModel.READER.read(then).about().isEmpty());
  }

  @Test
  void whatAPersonMayNotSeeIsNotExplained() {
    Model all = DemoModel.MODEL;
    Access access = Access.of(all, Person.ANYONE);
    QuestionReader reader =
        new QuestionReader(
            access.visible(), DemoModel.VALUES, LanguagePack.ENGLISH, DemoData.TODAY);
    Reading reading = reader.read("what does email mean");
    assertNotEquals(Reading.Status.EXPLAINED, reading.status());
    About members = new About.Sense(List.of(new org.ropebridge.lexicon.Meaning.RowNoun("members")));
    assertTrue(
        new Explanations(access.visible())
            .of(members).sentences().stream().noneMatch(s -> s.contains("email")));
  }
}
