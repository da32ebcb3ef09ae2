package org.ropebridge.language;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EnglishInflectionTest {

  @ParameterizedTest
  @CsvSource({
    "huts, hut",
    "valleys, valley",
    "parties, party",
    "supplies, supply",
    "glasses, glass",
    "boxes, box",
    "bus, bus",
    "ads, ad",
    "tvs, tv",
    "its, its",
    "analysis, analysis",
    "stays, stay",
    "men, man",
    "gas, gas",
    "sizes, size",
    "prizes, prize",
    "caches, cache",
    "watches, watch",
    "movies, movie",
    "sorties, sortie",
    "cities, city",
    "diagnoses, diagnosis",
    "houses, house",
    "tos, to"
  })
  void singulars(String plural, String singular) {
    assertEquals(singular, EnglishInflection.singular(plural));
  }

  @ParameterizedTest
  @CsvSource({
    "diagnosis, diagnoses",
    "child, children",
    "box, boxes",
    "city, cities",
    "stay, stays"
  })
  void plurals(String singular, String plural) {
    assertEquals(plural, EnglishInflection.plural(singular));
    assertEquals(singular, EnglishInflection.singular(plural));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "stay stays stayed staying", "arrive arrives arrived arriving", "book books booked booking",
        "cancel cancels cancelled cancelling", "bill bills billed billing",
            "supply supplies supplied"
      })
  void formsOfOneWordShareAStem(String forms) {
    String[] all = forms.split(" ");
    for (String form : all) {
      assertEquals(EnglishInflection.stem(all[0]), EnglishInflection.stem(form), form);
    }
  }

  @ParameterizedTest
  @CsvSource({"hut, hat", "stay, story", "valley, value", "member, number", "note, night"})
  void differentWordsDoNot(String one, String other) {
    assertNotEquals(EnglishInflection.stem(one), EnglishInflection.stem(other));
  }
}
