package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Reading.WordUse;

/** Questions with slips are read as if they were typed right, and say so. */
class RespellingTest {
  private static Reading read(String question) {
    return DemoModel.READER.read(question);
  }

  @ParameterizedTest
  @CsvSource({
    "ocupancy by vally last month, occupancy by valley last month",
    "how msny stays in 2025, how many stays in 2025",
    "how many membrs stayef in July, how many members stayed in July",
    "did Larkspru Hut have callouts in August, did Larkspur Hut have callouts in August",
    "on wihch weekdays do people arrvie, on which weekdays do people arrive",
    "guestngihts by valley, guest nights by valley",
    "huts with moree thn 200 guest nights in 2025, huts with more than 200 guest nights in 2025",
    "what does ocupancy mean, what does occupancy mean",
  })
  void meansTheSameAsIfTypedRight(String typed, String right) {
    Reading reading = read(typed);
    assertEquals(read(right).plan(), reading.plan());
    assertEquals(read(right).about(), reading.about());
    assertEquals(typed, reading.question());
  }

  @Test
  void eachWordKeepsItsPlaceAndSaysWhatItWasTakenFor() {
    String typed = "guestngihts by vally, lsst month";
    Reading reading = read(typed);
    for (WordUse use : reading.words()) {
      assertEquals(typed.substring(use.start(), use.end()), use.text());
    }
    assertEquals(
        List.of("guestngihts", "vally", "lsst"),
        reading.words().stream().filter(w -> w.found().equals("slip")).map(WordUse::text).toList());
    assertEquals(
        List.of("guestngihts", "vally", "lsst"),
        reading.assumptions().stream()
            .filter(Assumption.Spelling.class::isInstance)
            .map(a -> ((Assumption.Spelling) a).typed())
            .toList());
  }

  @Test
  void aFollowUpWithASlipLeansOnTheQuestionBefore() {
    Reading before = read("guest nights by valley in 2025");
    List<Plan> thread = List.of(before.plan().orElseThrow());
    Reading right = DemoModel.READER.read("only Ossel", thread);
    Reading typed = DemoModel.READER.read("only Osell", thread);
    assertEquals(right.plan(), typed.plan());
    assertTrue(typed.followUp().isPresent());
  }

  @Test
  void wordsThatAreSearchedForAreTakenAsTheyAre() {
    String typed = "callouts whose note mentions roope";
    assertTrue(read(typed).restatement().orElseThrow().contains("roope"), typed);
  }

  @ParameterizedTest
  @CsvSource({"sorties by hut this year", "mouths by valley", "guest nights per moth"})
  void rightWordsAreNeverTakenForOthers(String question) {
    Reading reading = read(question);
    assertNotEquals(Reading.Status.ANSWERED, reading.status());
    assertTrue(
        reading.assumptions().stream().noneMatch(Assumption.Spelling.class::isInstance), question);
  }

  @Test
  void whatIsNotReadIsNamedAsItWasTyped() {
    Reading reading = read("ocupancy of carbon");
    assertTrue(reading.unread().contains("carbon"), reading.unread().toString());
    assertTrue(reading.words().stream().anyMatch(w -> w.found().equals("slip")));
  }

  @ParameterizedTest
  @CsvSource({
    "guest nights by moth in 2025, guest nights by month in 2025",
    "rank hits by revenue, rank huts by revenue",
  })
  void whatMayHaveBeenMeantByARightWordIsSuggested(String typed, String suggested) {
    Reading reading = read(typed);
    assertNotEquals(Reading.Status.ANSWERED, reading.status());
    assertEquals(suggested, reading.suggestions().get(0));
  }

  @Test
  void differentWordsWithOneStemAreNotTakenForEachOther() {
    assertTrue(read("stats by valley").words().stream().noneMatch(w -> w.means().equals("status")));
  }
}
