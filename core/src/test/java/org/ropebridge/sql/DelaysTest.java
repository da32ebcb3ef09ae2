package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.answer.Definitions;
import org.ropebridge.answer.Notices;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/** How late rows were done, how far above what was planned, and what stands at any time. */
class DelaysTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("delays_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: ropeway
          calendar: {today: 2026-03-01}
          sources: {valley: {kind: postgresql}}
          """,
          "tables/stations.yaml",
          """
          table: stations
          source: valley
          from: upkeep.station
          one_row_is: station
          key: id
          known_by: name
          columns:
            name: {holds: category}
            masts: {holds: number, label: mast count, unit: masts, adds_up: sum}
          """,
          "tables/repairs.yaml",
          """
          table: repairs
          source: valley
          from: upkeep.repair
          one_row_is: repair
          key: id
          main_date: ordered
          columns:
            id: {holds: id}
            ordered: {holds: date, label: order date}
            planned: {holds: date, label: planned date}
            finished: {holds: date, label: finishing date}
            estimate: {holds: number, label: estimated cost, unit: EUR, adds_up: sum}
            paid: {holds: number, label: amount paid, unit: EUR, adds_up: sum}
          links:
            station: {to: stations, by: station_id}
          """,
          "metrics.yaml",
          """
          metrics:
            outlay: {table: repairs, sql: sum(paid), unit: EUR, shown_as: money}
            planned_outlay: {table: repairs, sql: sum(estimate), unit: EUR, shown_as: money}
          """,
          "access.yaml",
          """
          access:
            - role: guest
              columns: {hide: [repairs.planned]}
            - role: visitor
              columns: {hide: [repairs.finished]}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final QuestionReader READER = reader(MODEL);

  private static QuestionReader reader(Model model) {
    return new QuestionReader(
        model, ValueIndex.EMPTY, LanguagePack.ENGLISH, LocalDate.of(2026, 3, 1));
  }

  /** Ten days late, on the day, two days early, and one that is not done. */
  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        create schema upkeep;
        create table upkeep.station (id integer primary key, name text, masts integer);
        insert into upkeep.station values (1, 'Upper', 4), (2, 'Lower', 6);
        create table upkeep.repair (id integer primary key, station_id integer, ordered date,
          planned date, finished date, estimate numeric, paid numeric);
        insert into upkeep.repair values
          (1, 1, '2025-01-01', '2025-02-01', '2025-02-11', 100, 130),
          (2, 1, '2025-03-01', '2025-04-01', '2025-04-01', 100, 100),
          (3, 2, '2025-05-01', '2025-06-01', '2025-05-30', 200, 150),
          (4, 2, '2026-01-01', '2026-02-01', null, 500, 20);
        """);
  }

  private static SqlQuery query(String question) {
    Reading reading = READER.read(question);
    return new SqlWriter(Access.unlimited(MODEL), READER.periods(), READER.restatement())
        .write(
            reading
                .plan()
                .orElseThrow(() -> new AssertionError(question + ": " + reading.reason())));
  }

  private static List<List<Object>> rows(String question) {
    return DATABASE.run(query(question));
  }

  @Test
  void theModelIsSound() {
    assertEquals(List.of(), ModelCheck.faults(MODEL, ModelReader.read(FILES).places()));
  }

  @ParameterizedTest
  @CsvSource({
    "how many repairs were finished late, 1",
    "how many repairs were finished on time, 2",
    "how many repairs were not finished on time, 1",
    "how many repairs were finished early, 1",
    "how many late repairs, 1",
    "how many repairs were finished more than 9 days late, 1",
    "how many repairs were more than 2 weeks late, 0",
    "how late are repairs finished, 2.6666666666666667",
    "average repair delay, 2.6666666666666667",
    "how many repairs were finished more than 40 days after the order date, 1",
    "how many repairs were finished after the planned date, 1",
    "how many repairs were finished before the planned date, 1",
    "how many repairs were finished within 31 days, 2",
    "how many repairs went over the estimated cost, 1",
    "how many repairs cost less than estimated, 2",
    "outlay per mast in 2025, 38",
    "how much planned outlay is left in 2026, 480",
  })
  void isCountedFromTwoColumnsOfARow(String question, double expected) {
    assertEquals(expected, ((Number) rows(question).get(0).get(0)).doubleValue(), 1e-9);
  }

  @Test
  void groupsAreKeptByWhatTheyWereToReach() {
    List<List<Object>> over = rows("which stations went over the planned outlay in 2025");
    assertEquals(1, over.size());
    assertEquals("Upper", over.get(0).get(0));
    assertEquals(1, rows("stations within the planned outlay in 2025").size());
  }

  @ParameterizedTest
  @CsvSource({
    "repairs finished late by station",
    "repairs finished more than 40 days after the order date",
    "repairs over the estimated cost",
    "average repair delay by station in 2025",
    "outlay per mast by station in 2025",
  })
  void whatIsRestatedIsReadAgain(String question) {
    Reading reading = READER.read(question);
    String again = reading.restatement().orElseThrow(() -> new AssertionError(reading.reason()));
    assertEquals(reading.plan(), READER.read(again).plan());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "average repair delay"
            + "| The days from the planned date to the finishing date; none while there is no"
            + " finishing date.",
        "repairs over the estimated cost | The amount paid less the estimated cost.",
      })
  void theAnswerSaysOfWhat(String question, String meaning) {
    List<String> meanings =
        new Definitions(MODEL)
            .of(READER.read(question).plan().orElseThrow()).stream()
                .map(Definitions.Definition::meaning)
                .toList();
    assertEquals(List.of(meaning), meanings);
  }

  @ParameterizedTest
  @CsvSource({"guest", "visitor"})
  void hiddenWhereADateIsHidden(String role) {
    Access access = Access.of(MODEL, new Person(Set.of(role), Map.of()));
    Reading reading = reader(access.visible()).read("repairs finished late");
    assertTrue(reading.plan().isEmpty(), () -> reading.restatement().toString());
  }

  @Test
  void anAuthorsOwnConditionComesFirst() {
    Map<String, String> files = new HashMap<>(FILES);
    files.computeIfPresent(
        "tables/repairs.yaml",
        (name, text) -> text + "conditions:\n  late: {sql: finished > planned}\n");
    Model model = ModelReader.read(files).model().orElseThrow();
    assertEquals(
        "number of repairs for late",
        reader(model).read("how many late repairs").restatement().get());
  }

  @Test
  void thatAllMastsCountIsSaid() {
    Reading reading = READER.read("outlay per mast in 2025");
    SqlQuery query = query("outlay per mast in 2025");
    List<String> notices =
        new Notices(Access.unlimited(MODEL), READER.periods(), READER.restatement())
            .of(reading, query, DATABASE.run(query)).stream().map(n -> n.text()).toList();
    assertTrue(
        notices.contains(
            "The model gives stations no date: all of them count, whatever the period."),
        notices::toString);
  }

  @Test
  void noMonthHasItsOwnMasts() {
    Reading reading = READER.read("outlay per mast by month in 2025");
    assertTrue(reading.plan().isEmpty(), () -> reading.restatement().toString());
  }

  @Test
  void moneyForEachIsMoney() {
    OutputColumn column = query("outlay per mast in 2025").columns().get(0);
    assertEquals("EUR", column.unit().orElseThrow());
    assertEquals(Metric.ShownAs.MONEY, column.shownAs());
  }
}
