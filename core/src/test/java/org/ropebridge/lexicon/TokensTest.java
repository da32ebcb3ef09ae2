package org.ropebridge.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TokensTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "Revenue by valley? | WORD:revenue WORD:by WORD:valley STOP:?",
        "huts above 2,000m | WORD:huts WORD:above NUMBER:2,000 WORD:m",
        "call-outs | WORD:call WORD:outs",
        "the hut's beds | WORD:the WORD:hut WORD:beds",
        "Col d'Argent | WORD:col WORD:dargent",
        "Saint-Rémy | WORD:saint WORD:remy",
        "since 2025-05-12 | WORD:since DATE:2025-05-12",
        "the 90th percentile | WORD:the ORDINAL:90 WORD:percentile",
        "Q3 20% | WORD:q3 NUMBER:20 SIGN:%",
        "for bridge \"Sey Bridge 49\" | WORD:for WORD:bridge QUOTED:sey bridge 49",
        "nights >= 3 | WORD:nights SIGN:>= NUMBER:3",
        "colder than -18, 2-3 or 5 -6 | WORD:colder WORD:than NUMBER:-18 SIGN:, NUMBER:2 NUMBER:3 WORD:or NUMBER:5 NUMBER:6",
        "a; b | WORD:a SIGN:; WORD:b"
      })
  void areCut(String text, String expected) {
    assertEquals(
        expected,
        Tokens.of(text, Writing.POINTS).stream()
            .map(t -> t.kind() + ":" + t.plain())
            .collect(Collectors.joining(" ")));
  }

  @Test
  void knowTheirPlacesInTheText() {
    String text = "  Åsgard Hut, please";
    for (Token token : Tokens.of(text, Writing.POINTS)) {
      assertEquals(token.text(), text.substring(token.start(), token.end()));
    }
  }

  @Property(tries = 3_000)
  void plainWordsAreFoundAsThePatternFindsThem(@ForAll("texts") String text) {
    for (Writing writing : Writing.values()) {
      assertEquals(Tokens.of(text, writing, false), Tokens.of(text, writing, true));
    }
  }

  @Provide
  Arbitrary<String> texts() {
    return Arbitraries.of(
            "top",
            "no",
            "huts",
            "Ossel",
            "H",
            "s",
            " ",
            " ",
            "  ",
            "-",
            " - ",
            ".",
            ",",
            "'",
            "\u2019s",
            "10",
            "3rd",
            "2025-05",
            "12.5.2025",
            "\"",
            "\u00e9",
            "_",
            ":",
            "?",
            "max.",
            ">=",
            "\u2212",
            "\n")
        .list()
        .ofMaxSize(12)
        .map(parts -> String.join("", parts));
  }
}
