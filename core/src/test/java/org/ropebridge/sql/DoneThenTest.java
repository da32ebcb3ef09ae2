package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
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
 * Times behind what was done are of that day, what is said behind a count of rows is of these rows,
 * and the first, the last and none for so long are told by rows before and after.
 */
class DoneThenTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("done_then_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: ropeway
          calendar: {today: 2026-03-01}
          sources: {valley: {kind: postgresql}}
          preferences: {top_by: finished}
          """,
          "metrics.yaml",
          """
          metrics:
            finished:
              table: faults
              sql: count(ended)
              label: work finished
              date: ended
            quickly_mended:
              table: faults
              sql: count(*) filter (where ended <= seen + interval '2 days')
              label: quick work
            seen_lately:
              table: faults
              sql: count(*) filter (where seen > timestamp '2026-01-01')
              label: faults seen lately
          """,
          "tables/fitters.yaml",
          """
          table: fitters
          source: valley
          from: ropeway.fitter
          one_row_is: fitter
          key: id
          known_by: name
          columns:
            name: {holds: category}
          """,
          "tables/faults.yaml",
          """
          table: faults
          source: valley
          from: ropeway.fault
          one_row_is: fault
          key: id
          main_date: seen
          columns:
            id: {holds: id}
            part: {holds: category}
            seen: {holds: date, label: sighting date}
            ended: {holds: date, label: end date, also_called: [mended]}
            reopened: {holds: number, label: times reopened, adds_up: sum}
          links:
            fitter: {to: fitters, by: fitter_id}
          conditions:
            open: {sql: ended is null}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final QuestionReader READER =
      new QuestionReader(
          MODEL,
          new ValueIndex(
              Map.of(
                  ColumnRef.of("fitters", "name"), List.of("Ada", "Bo", "Cy"),
                  ColumnRef.of("faults", "part"), List.of("cable", "cabin", "mast"))),
          LanguagePack.ENGLISH,
          LocalDate.of(2026, 3, 1));

  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        create schema ropeway;
        create table ropeway.fitter (id integer primary key, name text);
        insert into ropeway.fitter values (1, 'Ada'), (2, 'Bo'), (3, 'Cy');
        create table ropeway.fault (id integer primary key, part text, seen date, ended date,
          reopened integer, fitter_id integer);
        insert into ropeway.fault values
          (1, 'cable', '2025-11-28', '2025-12-02', 0, 1),
          (2, 'cabin', '2025-11-29', '2026-01-05', 2, 1),
          (3, 'cable', '2025-12-10', '2025-12-11', 0, 1),
          (4, 'cabin', '2025-12-20', '2025-12-21', 1, 1),
          (5, 'mast', '2025-12-30', '2026-01-02', 0, 2),
          (6, 'cable', '2026-01-10', null, 0, 2),
          (7, 'mast', '2024-05-01', '2024-05-03', 0, 3),
          (8, 'cable', '2026-02-25', null, 0, 1);
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
    "how many faults were mended by Ada in December, 3",
    "how many cable faults were seen in December, 1",
    "faults seen more than a month ago, 7",
    "faults seen less than a week ago, 1",
    "faults open for more than 30 days, 1",
    "faults open for less than a week, 1",
    "faults not mended for more than 30 days, 1",
    "faults reopened at least twice, 1",
    "how many faults were reopened, 2",
    "quick work, 3",
    "faults seen lately, 2",
    "how many fitters have more than 2 faults, 1",
    "how many fitters have more than 1 cabin fault, 1",
    "how many fitters have more than 2 faults with cabin, 0",
    "how many fitters have more than 1 open fault, 0",
    "how many new fitters in 2025, 2",
    "how many fitters mended their last fault in 2024, 1"
  })
  void countsThem(String question, long expected) {
    List<List<Object>> rows = rows(question);
    assertEquals(1, rows.size(), rows::toString);
    assertEquals(expected, ((Number) rows.get(0).get(0)).longValue(), rows::toString);
  }

  @ParameterizedTest
  @CsvSource({
    "which fitter mended the most faults in December, Ada",
    "fitters who have not mended a fault for more than a year, Cy",
    "fitters whose last fault was in 2024, Cy",
    "fitters with more than 1 open fault or so,",
    "fitters with a fault for the first time in 2024, Cy"
  })
  void namesThem(String question, String expected) {
    if (expected == null) {
      assertNotEquals(Reading.Status.ANSWERED, READER.read(question).status());
      return;
    }
    List<List<Object>> rows = rows(question);
    assertEquals(1, rows.size(), () -> READER.read(question).restatement() + " " + rows);
    assertEquals(expected, rows.get(0).get(0), rows::toString);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"are there fewer complaints", "who paints cable faults", "what did we spend"})
  void declinesWhatTheModelDoesNotHold(String question) {
    assertEquals(Reading.Status.DECLINED, READER.read(question).status());
  }

  @Test
  void readingsThatTellTheSameRowsAreNoChoice() {
    assertEquals(Reading.Status.ANSWERED, READER.read("faults by Ada in 2025").status());
    assertEquals(
        List.of(), READER.read("which fitters have at least 1 open cable fault").choices());
  }
}
