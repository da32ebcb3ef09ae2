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
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/** Ages are whole years, counted up to the model's today, and hidden where the date is. */
class AgesTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("ages_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: choir
          calendar: {today: 2026-03-01}
          sources: {hall: {kind: postgresql}}
          """,
          "tables/singers.yaml",
          """
          table: singers
          source: hall
          from: choir.singer
          one_row_is: singer
          key: id
          known_by: name
          columns:
            id: {holds: id}
            name: {holds: category}
            voice: {holds: category}
            born: {holds: date, label: birth date}
          computed:
            grown_up: {sql: years_since(born) >= 18, holds: yes_no}
          """,
          "access.yaml",
          """
          access:
            - role: guest
              columns: {hide: [singers.born]}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final QuestionReader READER = reader(MODEL);

  private static QuestionReader reader(Model model) {
    return new QuestionReader(
        model, ValueIndex.EMPTY, LanguagePack.ENGLISH, LocalDate.of(2026, 3, 1));
  }

  /** Born on the day itself, a day later, on a day that is not each year's, and on none known. */
  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        create schema choir;
        create table choir.singer (id integer primary key, name text, voice text, born date);
        insert into choir.singer values
          (1, 'Ada', 'alto', '2008-03-01'),
          (2, 'Bo', 'alto', '2008-03-02'),
          (3, 'Cy', 'bass', '2008-02-29'),
          (4, 'Di', 'bass', '1960-12-31'),
          (5, 'Ed', 'bass', null);
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
    "how many singers are under 18, 1",
    "how many singers aged 18, 2",
    "how many singers are over 60, 1",
    "how many grown up singers, 3",
    "maximum age, 65",
  })
  void yearsAreCountedUpToToday(String question, double expected) {
    assertEquals(expected, ((Number) rows(question).get(0).get(0)).doubleValue());
  }

  @Test
  void theWarehouseCountsTheSameYears() {
    List<List<Object>> rows = rows("list singers with their age sorted by name");
    List<List<Object>> expected =
        DATABASE.run(
            "select name, extract(year from age(date '2026-03-01', born)) from choir.singer"
                + " order by name",
            List.of());
    assertEquals(String.valueOf(expected), String.valueOf(rows));
  }

  @Test
  void bandsAreOfAgesAndOneIsForThoseWithout() {
    assertEquals(4, rows("singers by age in bands 0-17, 18-30, over 30").size());
  }

  @Test
  void aColumnThatAnAuthorCallsSoIsNoAgeOfADate() {
    Map<String, String> files = new HashMap<>(FILES);
    files.computeIfPresent(
        "tables/singers.yaml",
        (name, text) ->
            text
                + "  training_age: {sql: 3 + 4, holds: number, label: training, adds_up: average}\n");
    Model model = ModelReader.read(files).model().orElseThrow();
    Reading reading = reader(model).read("average training");
    assertEquals(List.of(), new Definitions(model).of(reading.plan().orElseThrow()));
  }

  @Test
  void anAgeIsHiddenWithItsDate() {
    Access access = Access.of(MODEL, new Person(Set.of("guest"), Map.of()));
    Reading reading = reader(access.visible()).read("average age by voice");
    assertEquals(Reading.Status.DECLINED, reading.status());
    assertTrue(reading.unread().contains("age"), reading.unread()::toString);
  }
}
