package org.ropebridge.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.language.LanguagePack;

/** Slips of the keyboard, and what was meant. */
class SlipsTest {
  private static final Slips SLIPS = new Slips(LanguagePack.ENGLISH.vocabulary());

  static {
    List.of(
            "occupancy",
            "revenue",
            "stay",
            "valley",
            "last",
            "list",
            "many",
            "than",
            "then",
            "hut",
            "huts",
            "this",
            "with",
            "member",
            "arrival",
            "cost",
            "post",
            "month",
            "sort")
        .forEach(SLIPS::add);
  }

  @ParameterizedTest(name = "{0}: {2}")
  @CsvSource({
    "ocupancy, occupancy, a letter is missing",
    "occcupancy, occupancy, a letter is doubled",
    "revneue, revenue, letters are swapped",
    "revwnue, revenue, a neighbouring key",
    "membwrs, members, in the plural",
    "arrivsls, arrivals, in the plural",
    "stayef, stayed, in the past",
    "stayimg, staying, as it goes on",
    "msny, many, in a short word",
    "ths, this, a short word with a letter missing",
    "hts, huts, and that of the model",
    "tham, than, the neighbouring key before another letter",
    "lsst, last, the neighbouring key before another letter",
    "oocupamcy, occupancy, two slips in a long word",
    "valey, valley, one of two letters",
  })
  void whatWasMeantIsFound(String typed, String meant, String why) {
    assertEquals(meant, first(typed), why);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "mouth, a right word though month is near",
    "moths, the plural of one",
    "says, a form of one",
    "coats, a right word",
    "sorties, the plural of a rare word",
    "there, a word of sentences",
    "running, a form with a doubled letter",
    "children, an irregular form",
    "hut, the model's own",
    "ab, too short",
    "qzxw, nothing near",
    "h2o, no word",
    "revvennuee, too far",
  })
  void rightWordsAndFarOnesAreLeftAlone(String typed, String why) {
    assertEquals(List.of(), SLIPS.candidates(typed), why);
  }

  @ParameterizedTest
  @CsvSource({"thn, than then", "thxn, ''", "vallet, valley", "lisst, list lists"})
  void wordsThatAreAsLikelyAreAllGiven(String typed, String meant) {
    assertEquals(
        meant,
        SLIPS.candidates(typed).stream()
            .map(Slips.Candidate::word)
            .collect(Collectors.joining(" ")));
  }

  private static String first(String typed) {
    return SLIPS.candidates(typed).stream().map(Slips.Candidate::word).findFirst().orElse("none");
  }
}
