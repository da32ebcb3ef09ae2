package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.file.ModelReader;

/** What an agreed sample question means, others mean with other values, periods and groupings. */
class AnalogiesTest {
  /** Samples whose words the model does not know: without them nothing of this can be read. */
  private static final QuestionReader READER = reader();

  private static QuestionReader reader() {
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    files.merge(
        "questions.yaml",
        """
          - ask: how snug was Ossel last year
            means: occupancy for valley Ossel, last year
            agreed: 2026-10-02
          - ask: wobbles by channel
            means: cancelled share by channel
            agreed: 2026-10-02
          - ask: how rowdy was it in 2025
            means: number of callouts in 2025
            agreed: 2026-10-02
        """,
        String::concat);
    return new QuestionReader(
        ModelReader.read(files).model().orElseThrow(),
        DemoModel.VALUES,
        LanguagePack.ENGLISH,
        DemoData.TODAY);
  }

  private static boolean saysSo(Reading reading) {
    return reading.assumptions().stream().anyMatch(Assumption.FollowedSample.class::isInstance);
  }

  @ParameterizedTest
  @CsvSource({
    "how snug was Brannick last year, 'occupancy for valley Brannick, last year'",
    "How snug was Quill in 2025?, 'occupancy for valley Quill, in 2025'",
    "how snug were Ossel and Sey this year, none",
    "how snug was Ossel and Sey this year, 'occupancy for valley Ossel or Sey, this year'",
    "wobbles by valley, cancelled share by valley",
    "wobbles by month, cancelled share by month",
    "how rowdy was it last month, number of callouts last month"
  })
  void theSampleIsFollowedWithWhatStandsInItsPlaces(String asked, String means) {
    Reading reading = READER.read(asked);
    assertEquals(means, reading.restatement().orElse("none"));
    assertEquals(!means.equals("none"), saysSo(reading));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "how snug was Larkspur Hut last year",
        "how snug was Ossel",
        "how snug was it last year",
        "how rowdy was it in Ossel in 2025",
        "wobbles",
        "wobbles by channel and month",
        "snug Ossel last year how was",
        "how rowdy was it in 2025 without fog"
      })
  void whatIsOtherwiseOtherIsNotRead(String asked) {
    Reading reading = READER.read(asked);
    assertFalse(saysSo(reading), () -> reading.restatement().orElse(""));
    assertFalse(reading.status() == Reading.Status.ANSWERED, reading::toString);
  }

  @Test
  void everyWordIsAccountedFor() {
    Reading reading = READER.read("How snug was Quill in 2025?");
    assertEquals(
        List.of("How snug was", "Quill", "in", "2025", "?"),
        reading.words().stream().map(Reading.WordUse::text).toList());
    assertEquals("sample", reading.words().get(0).kind());
    assertTrue(reading.unread().isEmpty());
  }

  @Test
  void theSampleItselfIsReadAsAgreed() {
    assertEquals(
        "occupancy for valley Ossel, last year",
        READER.read("how snug was Ossel last year?").restatement().orElse("none"));
  }
}
