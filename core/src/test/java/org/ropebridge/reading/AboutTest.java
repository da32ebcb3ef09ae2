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
