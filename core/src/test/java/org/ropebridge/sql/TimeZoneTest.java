package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;

/**
 * Days are counted where people are, whatever zone the warehouse keeps its times in and whatever
 * zone the connection has. Zurich went from UTC+1 to UTC+2 on 29 March 2026.
 */
class TimeZoneTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("time_zone_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: lamps
          calendar: {today: 2026-04-10, time_zone: Europe/Zurich}
          sources: {shop: {kind: postgresql}}
          """,
          "tables/repairs.yaml",
          """
          table: repairs
          source: shop
          from: lamp.repair
          one_row_is: repair
          key: id
          main_date: taken_in
          columns:
            id: {holds: id}
            taken_in: {holds: time, time_zone: stated}
            done: {holds: time, time_zone: UTC}
            on_wall: {holds: time}
          computed:
            wait: {sql: on_wall - done, holds: text}
          """,
          "metrics.yaml",
          """
          metrics:
            last_done: {table: repairs, sql: max(done)}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final QuestionReader READER =
      new QuestionReader(MODEL, ValueIndex.EMPTY, LanguagePack.ENGLISH, LocalDate.of(2026, 4, 10));

  /** Every repair at the same three moments: 23:30 in Zurich before, at and after a midnight. */
  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        set timezone to 'Asia/Tokyo';
        create schema lamp;
        create table lamp.repair (
          id integer primary key, taken_in timestamptz, done timestamp, on_wall timestamp);
        insert into lamp.repair values
          (1, '2026-03-28 22:30+00', '2026-03-28 22:30', '2026-03-28 23:30'),
          (2, '2026-03-28 23:00+00', '2026-03-28 23:00', '2026-03-29 00:00'),
          (3, '2026-03-29 21:59+00', '2026-03-29 21:59', '2026-03-29 23:59'),
          (4, '2026-03-29 22:00+00', '2026-03-29 22:00', '2026-03-30 00:00'),
          (5, '2026-03-31 21:59+00', '2026-03-31 21:59', '2026-03-31 23:59'),
          (6, '2026-03-31 22:00+00', '2026-03-31 22:00', '2026-04-01 00:00');
        """);
  }

  private static List<List<Object>> rows(String question) {
    return DATABASE.run(sql(question));
  }

  private static SqlQuery sql(String question) {
    var reading = READER.read(question);
    return new SqlWriter(Access.unlimited(MODEL), READER.periods(), READER.restatement())
        .write(
            reading
                .plan()
                .orElseThrow(() -> new AssertionError(question + ": " + reading.status())));
  }

  @Test
  void theModelIsSound() {
    assertEquals(List.of(), ModelCheck.faults(MODEL, ModelReader.read(FILES).places()));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "how many repairs on 28 March 2026 | 1",
        "how many repairs on 29 March 2026 | 2",
        "how many repairs with done on 29 March 2026 | 2",
        "how many repairs with on wall on 29 March 2026 | 2",
        "how many repairs in March 2026 | 5",
        "how many repairs since April 2026 | 1",
        "how many repairs on Sundays | 2",
      })
  void aDayIsPeoplesDay(String question, long expected) {
    assertEquals(List.of(List.of(expected)), rows(question));
  }

  @ParameterizedTest
  @CsvSource({"repairs per day", "repairs per day of done", "repairs per day of on wall"})
  void groupsOfDaysAgreeWhateverZoneIsKept(String question) {
    List<List<Object>> rows = rows(question);
    assertEquals(List.of("2026-03-28", "1"), text(rows.get(0)));
    assertEquals(List.of("2026-03-29", "2"), text(rows.get(1)));
    assertEquals(List.of("2026-03-30", "1"), text(rows.get(2)));
    assertEquals(List.of("2026-04-01", "1"), text(rows.get(4)));
  }

  @Test
  void aMetricGivesThePeoplesTime() {
    assertEquals("2026-04-01 00:00:00.0", rows("last done").get(0).get(0).toString());
  }

  @Test
  void aPeriodComparesTheColumnAsItIsKeptSoThatAnIndexHelps() {
    String text = sql("how many repairs in March 2026").text();
    assertTrue(text.contains("taken_in >= "), text);
  }

  private static List<String> text(List<Object> row) {
    return row.stream().map(String::valueOf).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Europe/Zurich | Europe/Zurch | there is no time zone \"Europe/Zurch\" | did you mean Europe/Zurich?",
        "time_zone: UTC | time_zone: UTX | there is no time zone \"UTX\" | did you mean UTC?",
        "holds: time, time_zone: UTC | holds: date, time_zone: UTC | only times are kept | remove time_zone",
        "', time_zone: Europe/Zurich}' | } | does not say in which time zone | add time_zone to the calendar",
      })
  void faultsSayWhatToDo(String from, String to, String message, String suggestion) {
    Map<String, String> broken = new java.util.HashMap<>(FILES);
    broken.replaceAll((file, text) -> text.replace(from, to));
    ModelReader.Result result = ModelReader.read(broken);
    String faults = ModelCheck.faults(result.model().orElseThrow(), result.places()).toString();
    assertTrue(faults.contains(message) && faults.contains(suggestion), faults);
  }
}
