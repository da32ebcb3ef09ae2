package org.ropebridge.gaps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.gaps.Asked.Outcome;
import org.ropebridge.reading.WordVectors;

/** One row for each cause, those first that trouble most people. */
class GapsTest {
  /** Words that mean the same point the same way; all others stand across. */
  private static final Map<String, Integer> DIRECTIONS =
      Map.of("no-show", 0, "absentee", 0, "carbon", 1, "lunch", 2);

  private static final WordVectors VECTORS =
      words -> {
        float[] vector = new float[64];
        vector[DIRECTIONS.getOrDefault(words, 3 + Math.abs(words.hashCode() % 61))] = 1;
        return vector;
      };

  private static final Gaps GAPS =
      new Gaps(
          VECTORS,
          w -> w.toLowerCase(Locale.ROOT).replaceAll("s$", ""),
          Set.of("by", "in", "how", "many", "drop")::contains);

  private int number;

  private Asked declined(String person, String... unread) {
    return new Asked(
        "q" + ++number,
        person,
        "how many " + String.join(" and ", unread),
        Outcome.DECLINED,
        Arrays.asList(unread),
        List.of(),
        "",
        "");
  }

  @Test
  void wordsAreOneGapHoweverTheyAreWritten() {
    List<Gap> gaps =
        GAPS.of(
            List.of(
                declined("ana", "no-shows"),
                declined("bo", "No-show"),
                declined("cy", "no shows"),
                declined("di", "absentees"),
                declined("ed", "carbon"),
                declined("flo", "no-shwos")));
    assertEquals(List.of("unread:no-show", "unread:carbon"), gaps.stream().map(Gap::key).toList());
    assertEquals(5, gaps.get(0).people());
    assertEquals(
        List.of("No-show", "absentees", "no shows", "no-shows", "no-shwos"),
        gaps.get(0).phrases().stream().sorted().toList());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          factor   | load factor   | load factor by valley; Load factor in 2025; give me load factor; top huts by load factor
          sleep    | sleep overs   | sleep overs by hut; sleep overs in May; show sleep overs; our sleep overs
          out rate | drop-out rate | drop-out rate in May; the drop-out rate; my drop-out rate; drop-out rate by hut
          no-shows | no-shows      | how many no-shows in May; how many no-shows; how many no-shows by hut; how many no-shows by day
          factor   | factor        | load factor by valley; load factor in 2025; give me load factor
          factor   | factor        | load factor by valley; safety factor in 2025; give me load factor; top huts by load factor
          carbon   | carbon        | carbon by valley; carbon by hut; carbon by month; carbon by age
          lunch    | lunch         | lunch, valley; lunch, hut; Lunch; lunch, May
          """)
  void whatBelongsToUnreadWordsInNearlyAllQuestionsIsTakenAlong(
      String unread, String words, String questions) {
    List<Asked> asked =
        Arrays.stream(questions.split("; "))
            .map(
                q ->
                    new Asked(
                        "q" + ++number,
                        "ana",
                        q,
                        Outcome.DECLINED,
                        List.of(unread),
                        List.of(),
                        "",
                        ""))
            .toList();
    assertEquals(List.of(words), GAPS.of(asked).stream().map(Gap::words).toList());
  }

  @Test
  void peopleCountAndNotHowOftenOneAsks() {
    List<Asked> asked = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      asked.add(declined("ana", "carbon"));
    }
    asked.add(declined("bo", "lunch"));
    asked.add(declined("cy", "lunch"));
    List<Gap> gaps = GAPS.of(asked);
    assertEquals("lunch", gaps.get(0).words());
    assertEquals(2, gaps.get(0).people());
    assertEquals(9, gaps.get(1).questions().size());
  }

  @Test
  void aQuestionBelongsToTheWordThatTroublesMost() {
    List<Gap> gaps =
        GAPS.of(
            List.of(
                declined("ana", "lunch"),
                declined("bo", "lunch"),
                declined("cy", "carbon", "lunch")));
    assertEquals(1, gaps.size());
    assertEquals(3, gaps.get(0).people());
  }

  @Test
  void questionsAskedBackAreOneGapWhateverElseTheyAskFor() {
    List<Gap> gaps =
        GAPS.of(
            List.of(
                back("ana", "revenue for valley Quill", "revenue for hut Quill"),
                back("bo", "stays by month for hut Quill", "stays by month for valley Quill"),
                back("cy", "revenue by day booked", "revenue by day arrived")));
    assertEquals(
        List.of("hut / valley", "arrived / booked"), gaps.stream().map(Gap::words).toList());
    assertEquals(Gap.Kind.ASKED_BACK, gaps.get(0).kind());
  }

  private Asked back(String person, String... choices) {
    return new Asked(
        "q" + ++number,
        person,
        choices[0],
        Outcome.ASKED_BACK,
        List.of(),
        Arrays.asList(choices),
        "",
        "");
  }

  @Test
  void answersJudgedWrongAreGroupedByWhatIsWrong() {
    List<Gap> gaps =
        GAPS.of(
            List.of(
                wrong("ana", "measure: occupancy"),
                wrong("bo", "measure: occupancy"),
                wrong("cy", "period: this year")));
    assertEquals("measure: occupancy", gaps.get(0).words());
    assertEquals(2, gaps.get(0).people());
    assertEquals(Gap.Kind.JUDGED_WRONG, gaps.get(0).kind());
  }

  private Asked wrong(String person, String judged) {
    return new Asked(
        "q" + ++number, person, "x", Outcome.JUDGED_WRONG, List.of("y"), List.of(), "", judged);
  }

  @Test
  void whatWasAnsweredIsNoGap() {
    assertEquals(
        List.of(),
        GAPS.of(
            List.of(new Asked("q", "ana", "x", Outcome.ANSWERED, List.of(), List.of(), "", ""))));
  }

  @Test
  void whatIsDeclinedForOneReasonIsOneGap() {
    List<Asked> asked = new ArrayList<>();
    for (String question : List.of("new members by valley", "Members by valley, please")) {
      asked.add(
          new Asked(
              question,
              question,
              question,
              Outcome.DECLINED,
              List.of(),
              List.of(),
              "Members have no valley.",
              ""));
    }
    assertEquals("Members have no valley.", GAPS.of(asked).get(0).words());
    assertEquals(2, GAPS.of(asked).get(0).people());
  }

  @Test
  void aQuestionOfNobodyCountsAsOnePerson() {
    assertEquals(2, GAPS.of(List.of(declined("", "lunch"), declined("", "lunch"))).get(0).people());
  }

  @Property(tries = 100)
  void everyTroubledQuestionIsInExactlyOneGap(
      @ForAll @Size(max = 30) List<Outcome> outcomes, @ForAll @Size(30) List<Integer> words) {
    List<String> all = List.of("carbon", "lunch", "no-show", "tide");
    List<Asked> asked = new ArrayList<>();
    for (int i = 0; i < outcomes.size(); i++) {
      int pick = Math.floorMod(words.get(i), 16);
      List<String> unread = new ArrayList<>();
      for (int bit = 0; bit < 4; bit++) {
        if ((pick >> bit & 1) == 1) {
          unread.add(all.get(bit));
        }
      }
      asked.add(
          new Asked(
              "q" + i, "p" + pick, "q" + i, outcomes.get(i), unread, List.of("a b"), "", "c"));
    }
    List<String> found =
        GAPS.of(asked).stream()
            .flatMap(g -> g.questions().stream().map(Asked::id))
            .sorted()
            .toList();
    List<String> expected =
        asked.stream().filter(a -> a.outcome().isTrouble()).map(Asked::id).sorted().toList();
    assertEquals(expected, found);
    List<Gap> gaps = GAPS.of(asked);
    for (int i = 1; i < gaps.size(); i++) {
      assertTrue(gaps.get(i - 1).people() >= gaps.get(i).people());
    }
  }
}
