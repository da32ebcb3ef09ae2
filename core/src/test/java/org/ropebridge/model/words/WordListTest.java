package org.ropebridge.model.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.FileEditor;
import org.ropebridge.model.file.ModelReader;

/** Words that come from a glossary go to the items that they are about, and to no others. */
class WordListTest {
  private static final Map<String, String> FILES = DemoFiles.model();
  private static final ModelReader.Result READ = ModelReader.read(FILES);

  private static WordList.Brought bring(WordEntry... entries) {
    return WordList.bring(List.of(entries), READ.model().orElseThrow(), READ.places());
  }

  private static WordEntry entry(String item, String called, String... also) {
    return new WordEntry(item, called, List.of(also), "");
  }

  @Test
  void anEntryFindsItsItemByOneOfItsWordsAndOnlyThatLineChanges() {
    WordList.Brought brought = bring(entry("", "Turnover", "gross takings", "till money"));
    assertEquals(
        List.of(
            new WordList.Added(
                "metrics/revenue", "revenue", List.of("gross takings", "till money"))),
        brought.added());
    Map<String, String> after = FileEditor.apply(FILES, brought.edits());
    List<String> changed =
        Stream.of(after.get("metrics.yaml").split("\n"))
            .filter(l -> !FILES.get("metrics.yaml").contains(l))
            .toList();
    assertEquals(
        List.of(
            "    also_called: [income, takings, turnover, money taken in, gross takings, till money]"),
        changed);
  }

  @Test
  void anItemIsNamedByItsPathAlsoAColumnAComputedOneAConditionAndAValue() {
    WordList.Brought brought =
        bring(
            entry("tables/stays/columns/nights", "", "sleeps"),
            entry("tables/stays/conditions/long_stay", "lengthy stay"),
            entry("tables/stays/columns/channel/values/P", "hotline"),
            entry("tables/stays", "sojourn"));
    assertEquals(4, brought.added().size(), brought::toString);
    ModelReader.Result after = ModelReader.read(FileEditor.apply(FILES, brought.edits()));
    assertEquals(List.of(), after.faults());
    assertEquals(
        List.of("telephone", "by phone", "hotline"),
        after.model().orElseThrow().table("stays").column("channel").values().get(1).alsoCalled());
    assertTrue(
        after
            .model()
            .orElseThrow()
            .table("stays")
            .column("nights")
            .alsoCalled()
            .contains("sleeps"));
  }

  @Test
  void whatMeansSomethingElseAlreadyIsPassedOver() {
    WordList.Brought brought = bring(entry("metrics/revenue", "", "occupancy", "till money"));
    assertEquals(List.of("till money"), brought.added().get(0).words());
    assertEquals(
        List.of("\"occupancy\" for metrics/revenue: it means metrics/occupancy already."),
        brought.passedOver());
    assertEquals(
        List.of("\"till\" for metrics/refunds: it means metrics/revenue already."),
        bring(entry("metrics/revenue", "till"), entry("metrics/refunds", "till")).passedOver());
  }

  @Test
  void whatIsNotInTheModelIsTold() {
    WordList.Brought brought =
        bring(entry("metrics/carbon", "carbon"), entry("", "share price", "stock"), entry("", ""));
    assertEquals(List.of(), brought.edits());
    assertEquals(
        List.of(
            "The model has no item \"metrics/carbon\".",
            "Nothing in the model goes by \"share price\" or \"stock\"."),
        brought.passedOver());
  }

  @Test
  void aWordOfSeveralItemsIsNotGuessed() {
    Map<String, String> twice = new TreeMap<>(FILES);
    for (String table : List.of("tables/bridges.yaml", "tables/huts.yaml")) {
      FileEdit edit =
          FileEdit.set(table, List.of("computed", "thing"), Map.of("sql", "1", "holds", "number"));
      twice.putAll(FileEditor.apply(twice, List.of(edit)));
    }
    ModelReader.Result read = ModelReader.read(twice);
    WordList.Brought brought =
        WordList.bring(
            List.of(entry("", "Thing", "gadget")), read.model().orElseThrow(), read.places());
    assertEquals(
        List.of(
            "\"Thing\" may be tables/bridges/columns/thing or tables/huts/columns/thing; name the"
                + " item."),
        brought.passedOver());
    assertEquals(List.of(), brought.edits());
  }

  @Test
  void bringingOwnWordsBackChangesNothing() {
    WordList.Brought brought =
        WordList.bring(
            WordList.of(READ.model().orElseThrow()), READ.model().orElseThrow(), READ.places());
    assertEquals(List.of(), brought.edits());
    assertEquals(List.of(), brought.passedOver());
  }
}
