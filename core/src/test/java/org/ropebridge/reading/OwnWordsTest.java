package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.Items;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;

/** Words mean what one person means by them, for this person. */
class OwnWordsTest {
  private static final Model MODEL = DemoModel.MODEL;

  private static QuestionReader reader(String... wordsAndItems) {
    Map<String, Meaning> own = new LinkedHashMap<>();
    for (int i = 0; i < wordsAndItems.length; i += 2) {
      own.put(wordsAndItems[i], Items.meaning(MODEL, wordsAndItems[i + 1]).orElseThrow());
    }
    return DemoModel.READER.with(own);
  }

  @ParameterizedTest
  @CsvSource({
    "bednights, guest_nights, bednights by valley in 2025, guest nights by valley in 2025",
    "pillow nights, guest_nights, pillow-nights in Ossel, guest nights for valley Ossel",
    "glens, valleys, glens, number of valleys",
    "gm, huts.name=Larkspur Hut, revenue of gm, revenue for hut Larkspur Hut",
    "marathon, stays.long_stay, marathon stays, number of stays for long stay"
  })
  void anUnknownWordMeansWhatThePersonSays(String words, String item, String asked, String means) {
    assertNotEquals(
        Reading.Status.ANSWERED,
        DemoModel.READER.read(asked).status(),
        "the model knows it already");
    Reading reading = reader(words, item).read(asked);
    assertEquals(means, reading.restatement().orElse(reading.reason()));
    assertTrue(reading.unread().isEmpty());
    assertTrue(
        reading.assumptions().stream().anyMatch(Assumption.OwnMeaning.class::isInstance),
        "the answer does not say so");
  }

  @Test
  void nobodyElseIsTouched() {
    reader("bednights", "guest_nights").read("bednights by valley");
    assertEquals(Reading.Status.DECLINED, DemoModel.READER.read("bednights by valley").status());
  }

  @Test
  void choicesTellWhichWordsTheyTakeForWhat() {
    Reading reading = DemoModel.READER.read("stays in quill");
    assertEquals(Reading.Status.UNCLEAR, reading.status());
    assertEquals(
        List.of("huts.name=Quill", "valleys.name=Quill"),
        reading.choices().stream()
            .map(c -> c.telling().get("quill"))
            .map(m -> Items.nameOf(m).orElseThrow())
            .sorted()
            .toList());
  }

  @Test
  void whatWasChosenOnceIsTakenFromThenOn() {
    Reading asked = DemoModel.READER.read("stays in quill");
    for (Reading.Choice choice : asked.choices()) {
      QuestionReader reader = DemoModel.READER.with(choice.telling());
      Reading again = reader.read("stays in quill");
      assertEquals(choice.restatement(), again.restatement().orElse(again.reason()));
      for (Reading.Choice other : asked.choices()) {
        assertEquals(
            other.restatement(),
            reader.read(other.restatement()).restatement().orElse("none"),
            "what is said in full stays what it is");
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "valleys.name, number of stays for valley Quill, stays in hut quill, hut",
    "huts.name, number of stays for hut Quill, stays in the valley quill, valley"
  })
  void theAuthorCanPreferOneOfTheValuesOfAName(
      String preferred, String means, String inFull, String other) {
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    files.computeIfPresent(
        "model.yaml",
        (f, text) -> text.replace("  meanings:\n", "  meanings:\n    quill: " + preferred + "\n"));
    ModelReader.Result read = ModelReader.read(files);
    assertEquals(List.of(), ModelCheck.faults(read.model().orElseThrow(), read.places()));
    QuestionReader reader =
        new QuestionReader(
            read.model().orElseThrow(), DemoModel.VALUES, LanguagePack.ENGLISH, DemoData.TODAY);
    assertEquals(means, reader.read("stays in quill").restatement().orElse("none"));
    assertEquals(
        "number of stays for " + other + " Quill",
        reader.read(inFull).restatement().orElse("none"));
  }

  @Test
  void aWordOfTheirOwnIsExplained() {
    Reading reading = reader("bednights", "guest_nights").read("what does bednights mean?");
    assertEquals(Reading.Status.EXPLAINED, reading.status());
  }

  @ParameterizedTest
  @CsvSource({
    "revenue",
    "stays",
    "stays.nights",
    "stays.long_stay",
    "huts.name=Quill",
    "valleys.name=Ossel"
  })
  void itemsGoByTheirNames(String name) {
    assertEquals(name, Items.meaning(MODEL, name).flatMap(Items::nameOf).orElse("none"));
  }

  @ParameterizedTest
  @CsvSource({"nothing", "stays.nothing", "nothing.name", "revenue.x", "'.'", "=", "''", "a=b"})
  void whatIsNoItemHasNone(String name) {
    assertTrue(Items.meaning(MODEL, name).isEmpty());
  }
}
