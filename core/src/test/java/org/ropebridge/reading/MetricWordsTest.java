package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.FileEditor;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.model.file.ModelWriter;

/** Plain words become metrics whose SQL the model's own check accepts, or a reason. */
class MetricWordsTest {
  private static final MetricWords WORDS =
      new MetricWords(DemoModel.MODEL, DemoModel.READER, LanguagePack.ENGLISH.vocabulary());

  @ParameterizedTest(name = "{0}")
  @CsvFileSource(
      resources = "/metric-words.tsv",
      delimiter = '\t',
      quoteCharacter = '\0',
      emptyValue = "",
      maxCharsPerColumn = 1000)
  void words(String words, String understood, String table, String sql) {
    MetricWords.Proposed proposed = WORDS.propose("wanted", words);
    String expected = sql == null ? "" : sql;
    if (expected.startsWith("!")) {
      assertEquals(List.of(), proposed.metrics());
      String reason = expected.substring(1).strip();
      assertTrue(
          reason.isEmpty() ? !proposed.reason().isBlank() : reason.equals(proposed.reason()),
          proposed::reason);
      return;
    }
    assertEquals("", proposed.reason());
    assertEquals(understood, proposed.words());
    List<Metric> metrics = proposed.metrics();
    Metric wanted = metrics.get(metrics.size() - 1);
    String helpers =
        metrics.subList(0, metrics.size() - 1).stream()
            .map(m -> m.name() + " = " + m.sql() + "; ")
            .collect(Collectors.joining());
    assertEquals(expected, helpers + wanted.sql());
    assertEquals(table == null ? "" : table, wanted.table().orElse(""));
    checked(metrics);
  }

  /** The proposal, written into the demo's files, has no fault. */
  private static void checked(List<Metric> metrics) {
    ModelReader.Result with =
        ModelReader.read(FileEditor.apply(DemoFiles.model(), ModelWriter.added(metrics)));
    Model model = with.model().orElseThrow();
    List<Object> faults = new ArrayList<>(with.faults());
    faults.addAll(ModelCheck.faults(model, with.places()));
    assertEquals(List.of(), faults);
    assertEquals(metrics.get(metrics.size() - 1), model.metric("wanted"));
  }

  @Test
  void missingValuesAreTold() {
    assertEquals(
        List.of(
            "Missing values of revenue count as 0.",
            "Missing values of refunds count as 0.",
            "Divided by guest nights: no value where that is 0 or missing."),
        WORDS.propose("net", "revenue minus refunds, per guest night").remarks());
  }

  @Test
  void whatItIsCountedInFollowsFromItsParts() {
    Metric share = WORDS.propose("lost", "share of stays that were cancelled").metrics().get(0);
    assertEquals(Metric.ShownAs.PERCENT, share.shownAs());
    Metric net = WORDS.propose("net", "revenue minus supply cost").metrics().get(0);
    assertEquals("EUR", net.unit().orElse(""));
    assertEquals(Metric.ShownAs.MONEY, net.shownAs());
  }

  @Test
  void aNameThatIsTakenIsRefused() {
    assertFalse(WORDS.propose("revenue", "refunds times 2").reason().isEmpty());
  }
}
