package org.ropebridge.survey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.ropebridge.TestDatabase;
import org.ropebridge.language.Identifiers;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Column;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.model.file.ModelWriter;
import org.ropebridge.survey.Key.Proof;
import org.ropebridge.survey.Surveyor.Choice;
import org.ropebridge.survey.Surveyor.Stage;

/** A made-up mill whose tables are as untidy as tables are, with no constraint but one. */
class SurveyTest {
  private static final String MILL =
      """
      create schema mill;
      create table mill.grain (grain_no int, "Grain Name" text, kindCd char(2));
      insert into mill.grain values (1,'Rye','A1'),(2,'Spelt','A1'),(3,'rye ','B2'),(4,'Oats','B2');
      create table mill.customer (id int primary key, name text, email text, contact text,
        since date, town text, always text, never text, parent_id int, zip text, mixed text);
      insert into mill.customer
      select i, 'Customer ' || i, 'c' || i || '@example.org', '+41 44 555 ' || 1000 + i,
        date '2019-01-01' + i * 7, case i % 4 when 0 then 'Öd' when 1 then 'od' when 2 then ' Ried' else '' end,
        'x', null, case when i > 10 and i % 3 = 0 then i % 10 + 1 end, (8000 + i)::text,
        case i % 3 when 0 then '12' when 1 then 'twelve' else '3.5' end
      from generate_series(1, 90) i;
      create table mill.tbl_order (order_no int, cust_id int, ordered_on date, due_date date, etl_batch int,
        loaded_at timestamp with time zone, doc jsonb);
      insert into mill.tbl_order
      select i, 1 + i % 90, date '2024-01-01' + (i * 3) % 60 + case when i % 2 = 0 then 120 else 0 end,
        date '2024-06-01', 7, now(), '{}'
      from generate_series(1, 4000) i;
      create table mill.order_line (order_no int, line_no int, grain_no int, qty_kg numeric, price numeric, line_amt numeric);
      insert into mill.order_line
      select 1 + i / 3, 1 + i % 3, 1 + i % 4, 5 + i % 40, 2.5, 10 + i % 7 from generate_series(0, 11999) i;
      create table mill.silo_level (grain_no int, day date, tons numeric, milled int);
      insert into mill.silo_level
      select g, d::date, 100 + extract(month from d) * g, (extract(doy from d)::int * 7 * g) % 50
      from generate_series(1, 4) g, generate_series(date '2024-01-01', date '2024-12-31', interval '1 day') d;
      create table mill.served (cust_id int, grain_no int);
      insert into mill.served select 1 + i % 90, 1 + i / 90 from generate_series(0, 359) i;
      create table mill.echo (a text, b text);
      insert into mill.echo select 'same', 'same' from generate_series(1, 5) i;
      create table mill.nothing (id int, name text);
      create table mill.flyway_schema_history (id int, script text);
      insert into mill.flyway_schema_history values (1, 'V1');
      create table mill.big (id int, owner int, amount numeric);
      insert into mill.big select i, i % 1000, i % 77 from generate_series(1, 120000) i;
      comment on table mill.customer is 'Who buys from the mill.';
      analyze;
      """;

  private static final Identifiers IDENTIFIERS = LanguagePack.ENGLISH.identifiers();

  private static TestDatabase database;
  private static Survey survey;
  private static final List<Stage> STAGES = Collections.synchronizedList(new ArrayList<>());
  private static final AtomicInteger RUNNING = new AtomicInteger();
  private static final AtomicInteger MOST_RUNNING = new AtomicInteger();

  @BeforeAll
  static void look() {
    database = TestDatabase.fresh("survey_test");
    database.execute(MILL);
    survey = surveyor(progress(() -> false)).survey("mill", new Choice(Set.of("mill"), Set.of()));
  }

  private static Surveyor surveyor(Surveyor.Progress progress) {
    return new Surveyor(
        (sql, parameters, most) -> {
          MOST_RUNNING.accumulateAndGet(RUNNING.incrementAndGet(), Math::max);
          try {
            return database.run(sql, parameters);
          } finally {
            RUNNING.decrementAndGet();
          }
        },
        LanguagePack.ENGLISH.identifiers(),
        progress);
  }

  private static Surveyor.Progress progress(java.util.function.BooleanSupplier stopped) {
    return new Surveyor.Progress() {
      @Override
      public void at(Stage stage, int done, int of) {
        STAGES.add(stage);
      }

      @Override
      public boolean isStopped() {
        return stopped.getAsBoolean();
      }
    };
  }

  private static SurveyedTable table(String name) {
    return survey.findTable("mill." + name).orElseThrow();
  }

  private static SurveyedColumn column(String table, String column) {
    return table(table).findColumn(column).orElseThrow();
  }

  private static List<String> pointers(String table) {
    return survey.pointersOf(table(table)).stream()
        .map(p -> p.column() + " > " + p.to() + "." + p.key() + (p.declared() ? "!" : ""))
        .sorted()
        .toList();
  }

  @Test
  void valuesAreCountedAndMeasured() {
    SurveyedColumn price = column("order_line", "qty_kg");
    assertEquals(12_000, price.looked());
    assertEquals(40, price.distinct());
    assertEquals("5", price.lowest());
    assertEquals("44", price.highest());
    assertEquals(24.5, price.mean().orElseThrow(), 0.001);
    assertEquals(10, price.spread().size());
    assertEquals(12_000, price.spread().stream().mapToLong(l -> l).sum());
    SurveyedColumn parent = column("customer", "parent_id");
    assertEquals(27, parent.present());
    assertEquals(0.7, parent.missingShare(), 0.001);
    assertEquals(new SurveyedColumn.Frequent("A1", 2), column("grain", "kindcd").frequent().get(0));
  }

  @Test
  void whatIsUntidyIsTold() {
    assertTrue(column("customer", "never").has(Remark.EMPTY));
    assertTrue(column("customer", "always").has(Remark.ONE_VALUE));
    assertTrue(column("customer", "email").has(Remark.MAIL_ADDRESSES));
    assertTrue(column("customer", "contact").has(Remark.PHONE_NUMBERS));
    assertTrue(column("customer", "zip").has(Remark.NUMBERS_AS_TEXT));
    assertTrue(column("customer", "mixed").has(Remark.MIXED));
    assertTrue(column("customer", "town").has(Remark.BLANK));
    assertTrue(column("customer", "town").has(Remark.SPACES));
    assertEquals(List.of(List.of("od", "Öd")), sorted(column("customer", "town").alike()));
    assertTrue(column("grain", "kindcd").has(Remark.CODES));
    assertEquals(List.of(List.of("Rye", "rye ")), sorted(column("grain", "Grain Name").alike()));
    assertEquals(List.of(LocalDate.of(2024, 3, 1)), column("tbl_order", "ordered_on").gaps());
    assertFalse(column("customer", "name").has(Remark.CODES));
  }

  private static List<List<String>> sorted(List<List<String>> groups) {
    return groups.stream().map(g -> g.stream().sorted().toList()).toList();
  }

  @Test
  void keysAreProvedOnTheData() {
    assertEquals(new Key(List.of("id"), Proof.DECLARED), table("customer").keys().get(0));
    assertEquals(new Key(List.of("order_no"), Proof.VERIFIED), table("tbl_order").keys().get(0));
    assertEquals(
        List.of(new Key(List.of("order_no", "line_no"), Proof.VERIFIED)),
        table("order_line").keys().stream().limit(1).toList());
    assertTrue(table("echo").keys().isEmpty());
    assertEquals(new Key(List.of("id"), Proof.VERIFIED), table("big").keys().get(0));
    assertTrue(table("big").estimated());
    assertTrue(table("big").looked() < 60_000, "a big table is looked at by a sample");
  }

  @Test
  void pointersAreFoundByNameAndProvedByValues() {
    assertEquals(List.of("parent_id > mill.customer.id"), pointers("customer"));
    assertEquals(List.of("cust_id > mill.customer.id"), pointers("tbl_order"));
    assertEquals(
        List.of("grain_no > mill.grain.grain_no", "order_no > mill.tbl_order.order_no"),
        pointers("order_line"));
    assertEquals(List.of(), pointers("big"));
  }

  @Test
  void aStateIsToldFromAFlow() {
    assertTrue(table("silo_level").steady().get("tons") > 0.9);
    assertTrue(table("silo_level").steady().get("milled") < 0.2);
  }

  @Test
  void progressIsToldAndFewStatementsRunAtOnce() {
    assertEquals(List.of(Stage.values()), STAGES.stream().distinct().toList());
    assertTrue(MOST_RUNNING.get() <= Surveyor.STATEMENTS_AT_ONCE);
  }

  @Test
  void itCanBeStoppedAndSurvivesARefusal() {
    assertThrows(
        CancellationException.class,
        () -> surveyor(progress(() -> true)).survey("mill", Choice.EVERYTHING));
    Surveyor refused =
        new Surveyor(
            (sql, parameters, most) -> {
              if (sql.contains("width_bucket")) {
                throw new Warehouse.Refused("it took too long", null);
              }
              return database.run(sql, parameters);
            },
            LanguagePack.ENGLISH.identifiers(),
            Surveyor.Progress.NONE);
    Survey rest = refused.survey("mill", new Choice(Set.of(), Set.of("mill.order_line")));
    assertEquals(List.of("spread: it took too long"), rest.tables().get(0).untold());
    assertEquals(12_000, rest.tables().get(0).rows());
  }

  // ---- the draft

  private static Draft draft() {
    return new Drafter(IDENTIFIERS, LocalDate.of(2026, 10, 18)).draft(survey, "mill", "postgresql");
  }

  @Test
  void theDraftIsAModelWithoutFaults() {
    ModelReader.Result read = ModelReader.read(ModelWriter.write(draft().model()));
    assertEquals(List.of(), read.faults());
    assertEquals(draft().model(), read.model().orElseThrow());
    assertEquals(
        List.of(),
        ModelCheck.faults(read.model().get(), read.places()).stream()
            .filter(f -> f.severity() == org.ropebridge.model.file.Fault.Severity.ERROR)
            .toList());
  }

  @Test
  void everyProposalPointsAtAPlaceOfTheFilesAndHasAReason() {
    ModelReader.Result read = ModelReader.read(ModelWriter.write(draft().model()));
    for (Proposal proposal : draft().proposals()) {
      assertFalse(proposal.reason().isBlank(), proposal.path());
      int slash = proposal.path().lastIndexOf('/');
      assertFalse(
          read.places()
                  .of(proposal.path())
                  .equals(read.places().of(proposal.path().substring(0, slash)))
              && !proposal.path().matches("tables/[^/]+"),
          "there is no " + proposal.path());
    }
  }

  @Test
  void theDraftSaysWhatRowsAre() {
    Model model = draft().model();
    Table lines = model.table("order_lines");
    assertEquals("order line", lines.rowNoun());
    assertEquals("row_key", lines.key());
    assertTrue(lines.query().contains("concat") || lines.query().contains("||"), lines.query());
    assertTrue(
        reason("tables/order_lines").contains("order_no comes 3.0 times each"),
        reason("tables/order_lines"));
    assertEquals("order.ordered_on", lines.mainDate().orElseThrow());
    assertEquals("ordered_on", model.table("orders").mainDate().orElseThrow());
    assertEquals("Who buys from the mill.", model.table("customers").about());
    assertEquals("Tells which customer belongs to which grain.", model.table("serveds").about());
    assertTrue(model.table("grains").query().contains("grain_name"));
    assertEquals("grain_name", model.table("grains").knownBy().orElseThrow());
    assertTrue(reason("tables/echos").contains("rows are numbered"), reason("tables/echos"));
    assertEquals(
        Set.of("mill.nothing", "mill.flyway_schema_history"),
        Set.copyOf(draft().leftOut().stream().map(Draft.LeftOut::table).toList()));
  }

  @Test
  void theDraftSaysWhatColumnsHold() {
    Model model = draft().model();
    Table lines = model.table("order_lines");
    assertEquals(Column.AddsUp.SUM, lines.column("qty_kg").addsUp().orElseThrow());
    assertEquals("kg", lines.column("qty_kg").unit().orElseThrow());
    assertEquals("quantity", lines.column("qty_kg").label());
    assertEquals(Column.AddsUp.AVERAGE, lines.column("price").addsUp().orElseThrow());
    Table levels = model.table("silo_levels");
    assertEquals(Column.AddsUp.LAST, levels.column("tons").addsUp().orElseThrow());
    Table customers = model.table("customers");
    assertEquals(Set.of("email", "contact", "never"), Set.copyOf(customers.hidden()));
    assertEquals(
        Set.of("etl_batch", "loaded_at", "doc"), Set.copyOf(model.table("orders").hidden()));
    assertEquals("line_amt", model.metrics().get(0).sql().replaceAll(".*\\((.*)\\)", "$1"));
    assertTrue(
        reason("tables/grains/columns/kind_cd").contains("give them names under values")
            || reason("tables/grains/columns/kindcd").contains("give them names under values"));
  }

  private static String reason(String path) {
    return draft().proposals().stream()
        .filter(p -> p.path().equals(path))
        .map(Proposal::reason)
        .findFirst()
        .orElse("");
  }

  @Test
  void aModelGrowsByWhatItDoesNotHaveAndKeepsWhatItSays() {
    Draft draft = draft();
    Table customers = draft.model().table("customers");
    Table renamed = customers.renamed("buyers").withLinks(List.of());
    Model model = model(List.of(renamed), List.of());
    Growth growth = Growth.of(draft, model, IDENTIFIERS);
    assertFalse(growth.tables().stream().anyMatch(t -> t.from().equals("mill.customer")));
    Table orders =
        growth.tables().stream()
            .filter(t -> t.from().equals("mill.tbl_order"))
            .findFirst()
            .orElseThrow();
    assertTrue(
        orders.links().stream().anyMatch(l -> l.to().equals("buyers")),
        "it points at the table that the model has, by the model's name");
    assertTrue(growth.metrics().stream().allMatch(m -> !m.table().orElseThrow().equals("buyers")));
    assertTrue(growth.files().containsKey("tables/" + orders.name() + ".yaml"));
    assertTrue(growth.proposals().stream().noneMatch(p -> p.path().startsWith("tables/customers")));
    assertEquals(List.of(), Growth.of(draft, draft.model(), IDENTIFIERS).tables());
  }

  @Test
  void whatIsNewTakesNoWordThatTheModelUses() {
    Draft draft = draft();
    Table customers = draft.model().table("customers").withLinks(List.of());
    Growth growth = Growth.of(draft, model(List.of(customers), List.of()), IDENTIFIERS);
    List<Table> all = new ArrayList<>(growth.tables());
    all.add(customers);
    Model grown = model(all, growth.metrics());
    ModelReader.Result read = ModelReader.read(ModelWriter.write(grown));
    assertEquals(
        List.of(),
        ModelCheck.faults(read.model().orElseThrow(), read.places()).stream()
            .filter(f -> f.severity() == org.ropebridge.model.file.Fault.Severity.ERROR)
            .toList());
  }

  @Test
  void aNewTableTakesANameThatTheModelDoesNotUse() {
    Draft draft = draft();
    Table other = draft.model().table("customers").renamed("grains").withLinks(List.of());
    Growth growth = Growth.of(draft, model(List.of(other), List.of()), IDENTIFIERS);
    assertTrue(growth.tables().stream().anyMatch(t -> t.name().equals("grains_2")));
    assertTrue(growth.proposals().stream().anyMatch(p -> p.path().equals("tables/grains_2")));
  }

  private static Model model(List<Table> tables, List<org.ropebridge.model.Metric> metrics) {
    Model of = draft().model();
    return new Model(
        of.name(),
        of.title(),
        of.about(),
        of.languages(),
        of.calendar(),
        of.sources(),
        of.preferences(),
        tables,
        metrics,
        List.of(),
        List.of(),
        List.of());
  }
}
