package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;

/**
 * What a filter leaves out must be large enough too, or it would follow from the total. Of 20
 * pupils, 18 are alike in everything and two are not; another six are in a third class.
 */
class GroupSizeFiltersTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("group_size_filters_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: school
          calendar: {today: 2026-06-01}
          sources: {office: {kind: postgresql}}
          """,
          "tables/pupils.yaml",
          """
          table: pupils
          source: office
          from: school.pupil
          one_row_is: pupil
          key: id
          known_by: name
          main_date: enrolled
          columns:
            name: {holds: category}
            form: {holds: category}
            boarder: {holds: yes_no}
            enrolled: {holds: date}
            height: {holds: number, adds_up: average}
            remark: {holds: text}
          conditions:
            tall: {sql: height > 180}
          """,
          "tables/trips.yaml",
          """
          table: trips
          source: office
          from: school.trip
          one_row_is: trip
          key: id
          main_date: day
          columns: {day: {holds: date}}
          links:
            pupil: {to: pupils, by: pupil_id, may_be_missing: true}
          """,
          "metrics.yaml",
          """
          metrics:
            tall_pupils: {table: pupils, sql: count(*) filter (where height > 180)}
            average_height: {table: pupils, sql: avg(height)}
          """,
          "access.yaml",
          """
          access:
            - role: everyone
              groups_of_at_least: {table: pupils, rows: 5}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final Access GUARDED = Access.of(MODEL, Person.ANYONE);
  private static final QuestionReader READER =
      new QuestionReader(
          GUARDED.visible(),
          new ValueIndex(
              Map.of(ColumnRef.of("pupils", "form"), List.of("lower", "upper", "choir"))),
          LanguagePack.ENGLISH,
          LocalDate.of(2026, 6, 1));

  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        create schema school;
        create table school.pupil (
          id integer, name text, form text, boarder boolean, enrolled date, height integer,
          remark text);
        create table school.trip (id integer, pupil_id integer, day date);
        insert into school.pupil
          select i, 'P' || i, 'lower', false, date '2024-09-01', 150, null
          from generate_series(1, 18) i;
        insert into school.pupil
          select i, 'P' || i, 'upper', true, date '2025-07-01', 190, 'shy'
          from generate_series(19, 20) i;
        insert into school.pupil
          select i, 'P' || i, 'choir', false, date '2024-09-01', 150, null
          from generate_series(21, 26) i;
        insert into school.trip select i, i, date '2025-10-01' from generate_series(1, 18) i;
        insert into school.trip select i, i, date '2025-12-01' from generate_series(19, 20) i;
        insert into school.trip values (99, null, '2025-10-02');
        """);
  }

  private static List<List<Object>> rows(String question) {
    return DATABASE.answer(question, READER, GUARDED);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "number of pupils for form upper",
        "number of pupils excluding form upper",
        "number of pupils for form lower or upper",
        "number of pupils for boarder",
        "number of pupils excluding boarder",
        "number of pupils for tall",
        "number of pupils excluding tall",
        "tall pupils",
        "average height for tall",
        "number of pupils with missing remark",
        "number of pupils with known remark",
        "number of pupils with remark mentioning \"shy\"",
        "number of pupils with remark not mentioning \"shy\"",
        "number of pupils with enrolled in July 2025",
        "number of pupils excluding July 2025",
        "number of pupils excluding July of any year",
        "number of pupils for pupils having (trips in December 2025)",
        "number of pupils for pupils not having (trips in December 2025)",
        "number of trips for form upper",
        "number of trips excluding form upper",
        "number of pupils (excluding form upper)",
        "portion of number of pupils (excluding form upper)",
        "number of pupils (excluding form upper) divided by number of pupils",
      })
  void nothingIsToldOfFewNorOfAllButFew(String question) {
    assertEquals(List.of(), rows(question), question);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "number of pupils | 26",
        "number of pupils for form lower | 18",
        "number of pupils excluding form choir | 20",
        "number of pupils for form lower or choir | 24",
        "number of pupils excluding September of any year | ",
        "number of trips | 21",
        "number of trips with missing pupil | 1",
      })
  void manyAreTold(String question, Long number) {
    List<List<Object>> expected = number == null ? List.of() : List.of(List.of(number));
    assertEquals(expected, rows(question), question);
  }

  @Test
  void rowsAreNotListedAtAnyDepth() {
    assertThrows(NotAllowed.class, () -> rows("list of pupils showing pupil"));
    assertThrows(NotAllowed.class, () -> rows("list of trips showing day"));
    assertThrows(
        NotAllowed.class,
        () ->
            rows(
                "number of trips for pupil among"
                    + " (list of pupils showing pupil, first 3 by height descending)"));
  }
}
