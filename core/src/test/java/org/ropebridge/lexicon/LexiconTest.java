package org.ropebridge.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.ColumnRef;

class LexiconTest {
  private static final Lexicon LEXICON =
      new Lexicon(
          DemoModel.MODEL, DemoModel.VALUES, LanguagePack.ENGLISH.vocabulary(), Weights.STANDARD);

  private static List<Mention> mentions(String text) {
    return LEXICON.mentions(Tokens.of(text, Writing.POINTS));
  }

  /** Everything that the whole text may be, with how it was found. */
  private static String whole(String text) {
    int length = Tokens.of(text, Writing.POINTS).size();
    return mentions(text).stream()
        .filter(m -> m.from() == 0 && m.to() == length)
        .map(m -> name(m.meaning()) + " " + m.found())
        .sorted()
        .distinct()
        .collect(Collectors.joining(", "));
  }

  private static String name(Meaning meaning) {
    if (meaning instanceof Meaning.MetricName metric) {
      return metric.metric();
    } else if (meaning instanceof Meaning.RowNoun noun) {
      return noun.table();
    } else if (meaning instanceof Meaning.ColumnName column) {
      return column.column().toString();
    } else if (meaning instanceof Meaning.ValueName value) {
      return value.column() + "=" + value.stored();
    }
    return meaning.getClass().getSimpleName();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "guest nights | guest_nights EXACT",
        "guestnights | guest_nights EXACT",
        "guest-nights | guest_nights EXACT",
        "guest night | guest_nights INFLECTED",
        "call outs | callouts EXACT, callouts INFLECTED",
        "overnights | guest_nights EXACT",
        "Larkspur | huts.name=Larkspur Hut SHORTENED",
        "Larkspur Hut | huts.name=Larkspur Hut EXACT",
        "col d'argent | huts.name=Col d'Argent EXACT",
        "saint remy refuge | huts.name=Saint-Rémy Refuge EXACT",
        "online | stays.channel=W EXACT",
        "Quill | huts.name=Quill EXACT, valleys.name=Quill EXACT",
        "bridge material | bridges.material EXACT"
      })
  void findsWhatWordsMayBe(String text, String expected) {
    assertEquals(expected, whole(text));
  }

  @Test
  void theAuthorsPreferenceSettlesAWordOfTwoItems() {
    assertEquals("revenue EXACT", whole("income"));
  }

  @Test
  void singleLettersAreNoCodes() {
    assertTrue(mentions("w").stream().noneMatch(m -> m.meaning() instanceof Meaning.ValueName));
  }

  @Test
  void quotedTextIsOneName() {
    List<Mention> found = mentions("\"sey bridge 49\"");
    assertEquals(
        List.of(new Meaning.ValueName(ColumnRef.of("bridges", "name"), "Sey Bridge 49")),
        found.stream()
            .filter(m -> m.meaning() instanceof Meaning.ValueName)
            .map(Mention::meaning)
            .toList());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "bridges with a span over 40 m | false",
        "A bridge over the gorge | false",
        "HOW MANY BRIDGES HAVE A LONG SPAN | false",
        "how many bridges are of material a | true",
        "how many A bridges | true"
      })
  void anArticleIsNoValueUnlessItsColumnOrACapitalSaysSo(String question, boolean isValue) {
    ColumnRef material = ColumnRef.of("bridges", "material");
    Map<ColumnRef, List<String>> values = new HashMap<>(DemoModel.VALUES.values());
    values.put(material, List.of("A", "B"));
    Lexicon graded =
        new Lexicon(
            DemoModel.MODEL,
            new ValueIndex(values),
            LanguagePack.ENGLISH.vocabulary(),
            Weights.STANDARD);
    Meaning a = new Meaning.ValueName(material, "A");
    assertEquals(
        isValue,
        graded.mentions(Tokens.of(question, Writing.POINTS)).stream()
            .anyMatch(m -> m.meaning().equals(a)));
  }
}
