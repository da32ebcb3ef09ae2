package org.ropebridge.health;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.sql.SqlWriter;

/** What changes in a warehouse is found, with what it breaks, by asking the warehouse itself. */
class HealthCheckTest {
  private static final Trial.Trials ALL =
      Trial.of(DemoModel.MODEL, DemoModel.READER, writer(DemoModel.READER));

  private static final TestDatabase DATABASE = TestDatabase.fresh("health_test");

  @BeforeEach
  void fresh() {
    DATABASE.execute("drop schema if exists hut, member, safety, away cascade");
    DATABASE.execute(DemoFiles.text("schema.sql"));
  }

  private static SqlWriter writer(QuestionReader reader) {
    return new SqlWriter(Access.unlimited(DemoModel.MODEL), reader.periods(), reader.restatement());
  }

  private List<Finding> findings() {
    Catalog catalog = Catalog.of(DATABASE.run(Catalog.SQL, List.of()));
    List<HealthCheck.Refused> refused = new ArrayList<>();
    for (Trial trial : ALL.trials()) {
      try {
        DATABASE.run("explain " + trial.sql(), trial.parameters());
      } catch (RuntimeException e) {
        refused.add(new HealthCheck.Refused(trial, String.valueOf(e.getCause().getMessage())));
      }
    }
    return new HealthCheck(DemoModel.MODEL, Map.of("ledger", catalog)).findings(refused);
  }

  private static List<String> names(Finding finding, String kind) {
    return finding.breaks().stream()
        .filter(b -> b.kind().equals(kind))
        .map(Finding.Affected::name)
        .sorted()
        .toList();
  }

  @Test
  void nothingIsTheMatterWithTheDemo() {
    assertEquals(List.of(), findings());
    assertEquals(List.of(), ALL.notRead());
    assertTrue(ALL.trials().size() > DemoModel.MODEL.metrics().size() + 30);
  }

  @Test
  void aColumnThatIsGoneIsNamedWithWhatItBreaks() {
    DATABASE.execute("alter table hut.stay drop column party_size cascade");
    List<Finding> findings = findings();
    assertEquals(1, findings.size(), findings.toString());
    Finding gone = findings.get(0);
    assertEquals(Finding.Kind.COLUMN_GONE, gone.kind());
    assertEquals("stays.party_size", gone.item());
    assertTrue(names(gone, "metric").contains("guest nights"), gone.toString());
    assertFalse(names(gone, "metric").contains("revenue"), gone.toString());
    assertEquals(List.of("large party"), names(gone, "condition"));
    assertTrue(
        names(gone, "question").contains("How many guest nights did each valley have this year?"),
        gone.toString());
  }

  @Test
  void aColumnThatNothingNeedsBreaksNothing() {
    DATABASE.execute("alter table member.member rename column phone to telephone");
    List<Finding> findings = findings();
    assertEquals(List.of("members.phone"), findings.stream().map(Finding::item).toList());
    assertEquals(List.of(), findings.get(0).breaks());
  }

  @Test
  void aTableThatIsGoneBreaksAllThatIsComputedOverIt() {
    DATABASE.execute("alter table safety.inspection rename to old_inspection");
    List<Finding> findings = findings();
    assertEquals(List.of("inspections"), findings.stream().map(Finding::item).toList());
    assertEquals(Finding.Kind.TABLE_GONE, findings.get(0).kind());
    assertFalse(names(findings.get(0), "table").isEmpty());
  }

  @Test
  void aNumberThatBecameATextIsSaid() {
    DATABASE.execute("alter table hut.charge alter column amount type text using amount::text");
    List<Finding> findings = findings();
    assertEquals(List.of("charges.amount"), findings.stream().map(Finding::item).toList());
    assertEquals(Finding.Kind.TYPE_CHANGED, findings.get(0).kind());
    assertTrue(findings.get(0).message().contains("text now"), findings.get(0).message());
    assertTrue(names(findings.get(0), "metric").contains("revenue"));
  }

  @Test
  void whatMayNotBeReadAnyMoreIsAsGoodAsGone() {
    DATABASE.execute("create schema away");
    DATABASE.execute("alter table safety.bridge set schema away");
    assertEquals(List.of(Finding.Kind.TABLE_GONE), findings().stream().map(Finding::kind).toList());
  }

  @Test
  void whatTheWarehouseRefusesForAnotherReasonIsToldInItsWords() {
    Trial trial = ALL.trials().get(0);
    Catalog catalog = Catalog.of(DATABASE.run(Catalog.SQL, List.of()));
    List<Finding> findings =
        new HealthCheck(DemoModel.MODEL, Map.of("ledger", catalog))
            .findings(List.of(new HealthCheck.Refused(trial, "function gone() does not exist")));
    assertEquals(Finding.Kind.REFUSED, findings.get(0).kind());
    assertEquals(List.of(trial.tried()), findings.get(0).breaks());
    assertTrue(findings.get(0).message().contains("function gone()"));
  }

  @Test
  void aSampleQuestionWhoseValueIsGoneIsNotReadAnyMore() {
    QuestionReader reader =
        new QuestionReader(DemoModel.MODEL, ValueIndex.EMPTY, LanguagePack.ENGLISH, DemoData.TODAY);
    List<Finding> notRead = Trial.of(DemoModel.MODEL, reader, writer(reader)).notRead();
    assertTrue(
        notRead.stream().anyMatch(f -> f.item().equals("What did Ossel earn last quarter?")),
        notRead.toString());
  }
}
