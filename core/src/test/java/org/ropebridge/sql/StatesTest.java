package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/**
 * States that rows come to: by the date of the metrics that count them, by who brings them about,
 * and by the verbs that say so.
 */
class StatesTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("states_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: timber
          calendar: {today: 2026-03-10}
          sources: {yard: {kind: postgresql}}
          preferences: {top_by: sold}
          """,
          "metrics.yaml",
          """
          metrics:
            sold:
              table: offers
              sql: sum(amount) filter (where state = 'A')
              date: settled
              label: sales
              unit: EUR
              shown_as: money
            open_value:
              table: offers
              sql: sum(amount) filter (where state = 'O')
              label: backlog
              unit: EUR
              shown_as: money
            accept_rate:
              table: offers
              sql: count(*) filter (where state = 'A') * 1.0 / count(*) filter (where state in ('A', 'L'))
              date: settled
              shown_as: percent
            sales_target:
              table: targets
              sql: sum(wanted)
              unit: EUR
              shown_as: money
            average_rebate:
              table: offers
              sql: avg(rebate)
          """,
          "tables/carpenters.yaml",
          """
          table: carpenters
          source: yard
          from: timber.carpenter
          one_row_is: carpenter
          also_called: [seller]
          key: id
          known_by: name
          columns:
            name: {holds: category}
          """,
          "tables/members.yaml",
          """
          table: members
          source: yard
          from: timber.member
          one_row_is: member
          also_called: [client]
          key: id
          known_by: name
          columns:
            name: {holds: category}
            letter: {holds: yes_no, label: yearly letter, also_called: [signed up]}
          """,
          "tables/offers.yaml",
          """
          table: offers
          source: yard
          from: timber.offer
          one_row_is: offer
          key: id
          main_date: made
          columns:
            id: {holds: id}
            made: {holds: date, label: offer date}
            settled: {holds: date, label: settling date}
            due: {holds: date, label: expected settling date}
            state: {holds: category, values: {O: pending, A: accepted, L: lost}}
            amount: {holds: number, label: offer value, unit: EUR, adds_up: sum, also_called: [worth]}
            rebate: {holds: number, adds_up: never}
            lost_for: {holds: category, label: loss reason}
          links:
            client: {to: members, by: member_id}
            maker: {to: carpenters, by: carpenter_id, also_called: [drafted by]}
          """,
          "tables/targets.yaml",
          """
          table: targets
          source: yard
          from: timber.target
          one_row_is: yearly target
          key: id
          main_date: starts
          columns:
            starts: {holds: date, label: start of the year}
            wanted: {holds: number, unit: EUR, adds_up: sum}
          links:
            carpenter: {to: carpenters, by: carpenter_id}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final QuestionReader READER =
      new QuestionReader(
          MODEL,
          new ValueIndex(
              Map.of(
                  ColumnRef.of("carpenters", "name"), List.of("Ada", "Bo"),
                  ColumnRef.of("members", "name"), List.of("Ivo", "Lea", "Mo"),
                  ColumnRef.of("offers", "lost_for"), List.of("price", "delay"))),
          LanguagePack.ENGLISH,
          LocalDate.of(2026, 3, 10));

  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        create schema timber;
        create table timber.carpenter (id integer primary key, name text);
        insert into timber.carpenter values (1, 'Ada'), (2, 'Bo');
        create table timber.member (id integer primary key, name text, letter boolean);
        insert into timber.member values (1, 'Ivo', true), (2, 'Lea', false), (3, 'Mo', true);
        create table timber.offer (id integer primary key, made date, settled date, due date,
          state text, amount numeric, rebate numeric, lost_for text, member_id integer,
          carpenter_id integer);
        insert into timber.offer values
          (1, '2025-12-20', '2026-01-15', '2026-01-10', 'A', 400, 5, null, 1, 1),
          (2, '2025-12-28', '2025-12-30', '2026-01-20', 'A', 900, 0, null, 1, 2),
          (3, '2026-01-03', '2026-02-01', '2026-02-20', 'L', 700, 10, 'price', 2, 1),
          (4, '2025-11-01', '2026-01-08', '2026-01-20', 'L', 100, 0, 'price', 2, 2),
          (5, '2026-01-10', '2026-02-11', '2026-02-10', 'L', 250, 5, 'delay', 1, 2),
          (6, '2026-02-01', null, '2026-03-20', 'O', 650, 0, null, 2, 1),
          (7, '2026-01-20', null, '2026-04-20', 'O', 300, 20, null, 1, 2);
        create table timber.target (id integer primary key, starts date, wanted numeric,
          carpenter_id integer);
        insert into timber.target values (1, '2026-01-01', 800, 1), (2, '2026-01-01', 500, 2);
        """);
  }

  private static List<List<Object>> rows(String question) {
    return DATABASE.answer(question, READER, Access.unlimited(MODEL));
  }

  @Test
  void theModelIsSound() {
    assertEquals(List.of(), ModelCheck.faults(MODEL, ModelReader.read(FILES).places()));
  }

  @ParameterizedTest
  @CsvSource({
    "how many offers were accepted in January, 1",
    "how many offers were lost in January 2026, 1",
    "how many offers were made in January 2026, 3",
    "how many pending offers were there in January 2026, 1",
    "number of offers expected to settle this month, 1",
    "what is the backlog worth, 950",
    "value of the backlog, 950",
    "rebates above 5, 2",
    "accepted offers in 2026, 1",
  })
  void isTheNumber(String question, long expected) {
    List<List<Object>> rows = rows(question);
    assertEquals(1, rows.size(), () -> READER.read(question).restatement() + " " + rows);
    assertEquals(expected, ((Number) rows.get(0).get(0)).longValue(), rows::toString);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "who sold the most in 2025 | top 1 carpenter by sales in 2025",
        "offers by client | number of offers by member",
        "clients without sales in 2026 | list of members showing member for members not having"
            + " (offers for state accepted, with settling date in 2026)",
        "clients we have never sold to | list of members showing member for members not having"
            + " (offers for state accepted)",
        "lost offers in 2026 by loss reason | number of offers by loss reason for state lost,"
            + " with settling date in 2026",
        "most common reason for losing an offer | number of offers by loss reason, top 1 by number"
            + " of offers",
        "which loss reasons are most common | number of offers by loss reason, top 10 by number of"
            + " offers",
        "how much of the sales target did each carpenter reach this year | sales divided by sales"
            + " target by carpenter this year",
        "average rebate by client | average rebate by member",
        "rebate by client | average rebate by member",
        "clients signed up to the yearly letter | list of members showing member for yearly letter",
        "who drafted the offers | number of offers by maker",
      })
  void isReadAs(String question, String restatement) {
    Reading reading = READER.read(question);
    assertEquals(restatement, reading.restatement().orElse(reading.reason()));
  }

  /**
   * Those that are open have no end yet, and the last of those that are settled is so by its end.
   */
  @Test
  void rowsStandInTheOrderOfTheirStates() {
    assertEquals(LocalDate.of(2026, 1, 20), day("longest offers without settling date", 1));
    assertEquals(LocalDate.of(2026, 1, 15), day("last accepted offer", -1));
  }

  private static LocalDate day(String question, int column) {
    List<Object> row = rows(question).get(0);
    return LocalDate.parse(row.get(column < 0 ? row.size() + column : column).toString());
  }
}
