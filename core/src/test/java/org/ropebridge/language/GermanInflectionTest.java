package org.ropebridge.language;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GermanInflectionTest {
  @ParameterizedTest
  @CsvSource({
    "hutte, hutten",
    "aufenthalt, aufenthalte",
    "aufenthalt, aufenthalten",
    "tal, taler",
    "buchung, gebucht",
    "storniert, stornierte",
    "stornierung, stornierungen",
    "hutte, huette",
    "gruppengrosse, gruppengrossen",
  })
  void formsOfAWordShareAStem(String one, String other) {
    assertEquals(GermanInflection.stem(one), GermanInflection.stem(other));
  }

  @ParameterizedTest
  @CsvSource({"nachts, nacht", "neue, nase", "gast, geld"})
  void otherWordsDoNot(String one, String other) {
    assertEquals(
        false, GermanInflection.withoutEnding(one).equals(GermanInflection.withoutEnding(other)));
  }

  @ParameterizedTest
  @CsvSource({"hutten, true", "bauern, true", "hutte, false", "tal, false", "nie, false"})
  void pluralsAreToldByTheirEnding(String word, boolean plural) {
    assertEquals(plural, GermanInflection.isPlural(word));
  }

  @ParameterizedTest
  @CsvSource({"gebucht, true", "gefahren, true", "storniert, true", "gut, false", "tal, false"})
  void participlesAreToldByTheirForm(String word, boolean participle) {
    assertEquals(participle, GermanInflection.isParticiple(word));
  }

  @ParameterizedTest
  @CsvSource({"Aufenthalte, Aufenthalten", "Hütten, Hütten", "Kameras, Kameras"})
  void pluralsBehindAPreposition(String plural, String dative) {
    assertEquals(dative, GermanInflection.dativePlural(plural));
  }
}
