package org.ropebridge.language;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which words are right, and the forms that they have. */
class EnglishDictionaryTest {
  private static final EnglishDictionary WORDS = EnglishDictionary.instance();

  @ParameterizedTest
  @ValueSource(
      strings = {
        "mouth",
        "mouths",
        "says",
        "stopped",
        "stopping",
        "bigger",
        "busiest",
        "cried",
        "children",
        "went",
        "their",
        "would",
        "sorties",
        "lodgers",
        "wit",
        "houses",
        "boxes"
      })
  void rightWords(String word) {
    assertTrue(WORDS.has(word), word);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "ocupancy",
        "vally",
        "membrs",
        "thn",
        "hts",
        "msny",
        "stayef",
        "gests",
        "stopptd",
        "",
        "occupanncy",
        "lsst"
      })
  void slips(String word) {
    assertFalse(WORDS.has(word), word);
  }

  @ParameterizedTest
  @CsvSource({
    "stay, stays stayed staying",
    "arrive, arrives arrived arriving",
    "supply, supplies supplied supplying",
    "guest, guests",
    "take, takes took taken taking",
    "hut, huts",
    "child, children",
  })
  void formsOfAWord(String word, String forms) {
    Set<String> known = WORDS.forms(word);
    assertTrue(known.containsAll(List.of(forms.split(" "))), known.toString());
  }
}
