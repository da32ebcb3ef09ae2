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

/** How long rows took is counted from their own date, and hidden where either date is. */
class DurationsTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("durations_test");
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: ropeway
          calendar: {today: 2026-03-01}
          sources: {valley: {kind: postgresql}}
          """,
          "tables/halts.yaml",
          """
          table: halts
          source: valley
          from: ropeway.halt
          one_row_is: halt
          key: id
          main_date: began
          columns:
            id: {holds: id}
            cause: {holds: category}
            began: {holds: time, label: begin time}
            ended: {holds: time, label: finish time, also_called: [mended]}
          """,
          "tables/leases.yaml",
          """
          table: leases
          source: valley
          from: ropeway.lease
          one_row_is: lease
          key: id
          main_date: signed
          columns:
            id: {holds: id}
            signed: {holds: date, label: signing date}
            ended: {holds: date, label: end date, also_called: [cancelled]}
          """,
          "access.yaml",
          """
          access:
            - role: guest
              columns: {hide: [halts.ended]}
            - role: visitor
              columns: {hide: [halts.began]}
          """);
  private static final Model MODEL = ModelReader.read(FILES).model().orElseThrow();
  private static final QuestionReader READER = reader(MODEL);

  private static QuestionReader reader(Model model) {
    return new QuestionReader(
        model, ValueIndex.EMPTY, LanguagePack.ENGLISH, LocalDate.of(2026, 3, 1));
  }

  /** Two hours, thirty hours, one that goes on; ten days, a hundred, and one that is not over. */
  @BeforeAll
  static void fill() {
    DATABASE.execute(
        """
        create schema ropeway;
        create table ropeway.halt (id integer primary key, cause text, began timestamp, ended timestamp);
        insert into ropeway.halt values
          (1, 'ice', '2026-01-01 08:00', '2026-01-01 10:00'),
          (2, 'wind', '2026-02-01 08:00', '2026-02-02 14:00'),
          (3, 'ice', '2026-02-20 08:00', null);
        create table ropeway.lease (id integer primary key, signed date, ended date);
        insert into ropeway.lease values
          (1, '2025-01-01', '2025-01-11'), (2, '2025-01-01', '2025-04-11'), (3, '2025-06-01', null);
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
    "average halt duration, 16",
    "how long do halts last, 16",
    "longest halt duration, 30",
    "how many halts lasted more than 6 hours, 1",
    "how many halts were longer than a day, 1",
    "how many halts lasted over an hour, 2",
    "how many halts were mended within a day, 1",
    "how many halts took less than 90 minutes to mend, 0",
    "average lease duration, 55",
    "how many leases lasted more than 2 weeks, 1",
    "how many cancellations, 2",
  })
  void timeIsCountedFromTheRowsOwnDate(String question, double expected) {
    assertEquals(expected, ((Number) rows(question).get(0).get(0)).doubleValue());
  }

  @Test
  void theLongestIsOneOfTheRows() {
    List<List<Object>> longest = rows("longest halt");
    assertEquals(1, longest.size());
    assertTrue(
        longest.get(0).stream().anyMatch(v -> v instanceof Number n && n.doubleValue() == 30));
  }

  @Test
  void whatIsNotOverHasNone() {
    assertEquals(3, rows("list halts with their duration").size());
    assertEquals(1, rows("list halts with missing halt duration").size());
  }

  @ParameterizedTest
  @CsvSource({
    "average halt duration by cause in 2026",
    "maximum lease duration",
    "number of halts with halt duration between 2 and 30 hours",
    "number of leases by lease duration in steps of 10",
    "number of halts with missing halt duration",
  })
  void whatIsRestatedIsReadAgain(String question) {
    Reading reading = READER.read(question);
    String again = reading.restatement().orElseThrow(() -> new AssertionError(reading.reason()));
    assertEquals(reading.plan(), READER.read(again).plan());
  }

  @Test
  void theAnswerSaysBetweenWhichDates() {
    List<String> meanings =
        new Definitions(MODEL)
            .of(READER.read("average halt duration").plan().orElseThrow()).stream()
                .map(Definitions.Definition::meaning)
                .toList();
    assertEquals(
        List.of(
            "The hours from the begin time to the finish time; none while there is no finish"
                + " time."),
        meanings);
  }

  @ParameterizedTest
  @CsvSource({"guest", "visitor"})
  void hiddenWhereADateIsHidden(String role) {
    Access access = Access.of(MODEL, new Person(Set.of(role), Map.of()));
    Reading reading = reader(access.visible()).read("average halt duration");
    assertTrue(reading.plan().isEmpty(), () -> reading.restatement().toString());
  }

  @Test
  void anAuthorsOwnNumberComesFirst() {
    Map<String, String> files = new HashMap<>(FILES);
    files.computeIfPresent(
        "tables/halts.yaml",
        (name, text) ->
            text
                + "computed:\n  down: {sql: 2 + 3, holds: number, unit: hours, adds_up: average,"
                + " label: standstill}\n");
    Model model = ModelReader.read(files).model().orElseThrow();
    assertEquals(
        "average standstill", reader(model).read("how long do halts last").restatement().get());
  }
}
