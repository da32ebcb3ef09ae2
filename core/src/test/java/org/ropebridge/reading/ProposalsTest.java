package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;

class ProposalsTest {
  /** Angles in degrees; words that are not listed point far away from all that are. */
  private static final Map<String, Integer> ANGLES =
      Map.of(
          "guest nights", 0,
          "nights", 8,
          "bed nights offered", 20,
          "occupancy", 50,
          "sleepovers", 2,
          "pillow tally", 48,
          "nonsense", 120);

  private static float[] vector(String words) {
    double angle = Math.toRadians(ANGLES.getOrDefault(words.toLowerCase(Locale.ROOT), 250));
    return new float[] {(float) Math.cos(angle), (float) Math.sin(angle)};
  }

  private final Proposals proposals = new Proposals(DemoModel.MODEL, ProposalsTest::vector);

  private List<Proposals.Proposal> of(String question) {
    return proposals.of(DemoModel.READER.read(question));
  }

  @Test
  void theNearestNamesAreProposedInOrder() {
    List<Proposals.Proposal> found = of("sleepovers by valley");
    assertEquals(1, found.size());
    assertEquals("sleepovers", found.get(0).words());
    assertEquals(
        List.of("guest nights", "nights", "bed nights offered"),
        found.get(0).meant().stream().map(Proposals.Meant::name).toList());
    assertEquals("metric", found.get(0).meant().get(0).kind());
    assertEquals("guest nights by valley", found.get(0).meant().get(0).question());
  }

  @Test
  void wordsSideBySideAreOneMeaning() {
    List<Proposals.Proposal> found = of("pillow tally by valley");
    assertEquals(List.of("pillow tally"), found.stream().map(Proposals.Proposal::words).toList());
    assertEquals("occupancy by valley", found.get(0).meant().get(0).question());
  }

  @ParameterizedTest
  @CsvSource({
    "sleepovers by valley this year, sleepovers",
    "stays with frobs, frobs",
    "frobs zorn by hut, frobs zorn"
  })
  void wordsThatOnlyStandBesideUnknownOnesNeedNoMeaning(String question, String stretch) {
    Reading reading = DemoModel.READER.read(question);
    assertEquals(List.of(stretch), Proposals.unreadStretches(reading), reading.unread().toString());
    assertTrue(reading.reason().startsWith("Not understood"), reading.reason());
  }

  @Test
  void nothingNearIsNotProposed() {
    assertTrue(of("nonsense by valley").isEmpty());
  }

  @Test
  void nothingIsProposedForWhatWasRead() {
    assertTrue(of("revenue by valley").isEmpty());
  }
}
