package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.sql.SampleSql;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/** A sample question in SQL answers the same question about other values. */
class SqlSamplesTest {
  @ParameterizedTest
  @CsvSource({
    "How far ahead do people book for Larkspur Hut?, Larkspur Hut",
    "how far ahead do people book for gneiss house, Gneiss House",
    "please how far ahead do people book for our larkspur, Larkspur Hut",
  })
  void theSlotIsFilledFromTheQuestion(String question, String hut) {
    Reading reading = DemoModel.READER.read(question);
    assertEquals(Reading.Status.ANSWERED, reading.status());
    assertEquals(Map.of("hut", hut), reading.sql().orElseThrow().values());
    assertEquals(
        "How far ahead do people book for " + hut + "?", reading.restatement().orElseThrow());
  }

  @ParameterizedTest
  @CsvSource({
    "how far ahead do people book for Ossel",
    "how far ahead do people book",
    "how far ahead do people book for Larkspur Hut in 2025",
  })
  void otherWordsAreAnotherQuestion(String question) {
    assertTrue(DemoModel.READER.read(question).sql().isEmpty());
  }

  @Test
  void theValueIsBoundAndTheNumberIsThatOfThePlan() {
    Reading reading = DemoModel.READER.read("how far ahead do people book for Gneiss House");
    AuthorSql sql = reading.sql().orElseThrow();
    SqlQuery query = SampleSql.write(sql.sample(), sql.values(), DemoModel.MODEL);
    assertEquals(List.of("Gneiss House"), query.parameters());
    assertTrue(query.readable().contains("'Gneiss House'"), query.readable());
    assertEquals(List.of("median lead days"), SampleSql.columns(sql.sample()));
    SqlQuery byPlan =
        new SqlWriter(
                Access.unlimited(DemoModel.MODEL),
                DemoModel.READER.periods(),
                DemoModel.READER.restatement())
            .write(DemoModel.READER.read("median lead time for Gneiss House").plan().orElseThrow());
    assertEquals(
        TestWarehouse.run(byPlan).get(0).get(0).toString(),
        TestWarehouse.run(query).get(0).get(0).toString());
  }

  @Test
  void whomSomethingInItIsHiddenFromNeverHearsOfIt() {
    Person warden = new Person(Set.of("warden"), Map.of("huts", List.of("1")));
    Access access = Access.of(DemoModel.MODEL, warden);
    QuestionReader reader =
        new QuestionReader(
            access.visible(),
            DemoModel.VALUES,
            LanguagePack.ENGLISH,
            DemoModel.READER.periods().today());
    assertTrue(reader.read("How far ahead do people book for Larkspur Hut?").sql().isEmpty());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "hut.name = :hut | hut.name = :hat | the slot :hat is not declared | add it to slots",
        "hut.name = :hut | hut.name = 'x' | does not use the slot \"hut\" | remove the slot",
        "select percentile_cont | selekt percentile_cont | not one SELECT | write one SELECT",
        "select percentile_cont | select *, percentile_cont | shows every column | name the columns",
      })
  void faultsSayWhatToDo(String from, String to, String message, String suggestion) {
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    files.computeIfPresent("questions.yaml", (f, text) -> text.replace(from, to));
    ModelReader.Result result = ModelReader.read(files);
    Model model = result.model().orElseThrow();
    String faults = SampleSql.faults(model, result.places()).toString();
    assertTrue(faults.contains(message) && faults.contains(suggestion), faults);
  }
}
