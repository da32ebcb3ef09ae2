package org.ropebridge.model.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.SampleQuestions;

/** Each way to break the demo's model is found, at its place, with what to do. */
class PlantedFaultsTest {

  private static List<Fault> faults(Map<String, String> files) {
    ModelReader.Result result = ModelReader.read(files);
    List<Fault> faults = new ArrayList<>(result.faults());
    result
        .model()
        .ifPresent(
            m -> {
              faults.addAll(ModelCheck.faults(m, result.places()));
              QuestionReader reader =
                  new QuestionReader(
                      SoundPart.of(m), DemoModel.VALUES, LanguagePack.ENGLISH, DemoData.TODAY);
              faults.addAll(SampleQuestions.besideOtherFaults(m, reader, result.places(), true));
            });
    return faults;
  }

  private static Map<String, String> broken(String file, String from, String to) {
    Map<String, String> files = new TreeMap<>(DemoFiles.model());
    String text = files.get(file);
    assertTrue(text.contains(from), file + " has no " + from);
    int at = text.indexOf(from);
    files.put(file, text.substring(0, at) + to + text.substring(at + from.length()));
    return files;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "metrics.yaml | sum(party_size * nights) | sum(party_sise * nights) | party_sise | there is no column \"party_sise\" in stays | did you mean party_size?",
        "tables/stays.yaml | to: huts | to: hutts | hutts | a table \"hutts\" that is not there | did you mean huts?",
        "metrics.yaml | sum(amount) | sum(amount | >sum(amount | the SQL does not parse | ``",
        "metrics.yaml | [income, takings | [overnights, takings | overnights, takings | claimed by metric guest_nights and metric revenue | take it from one",
        "metrics.yaml | sql: revenue / guest_nights | sql: revenue_per_guest_night / guest_nights | revenue_per_guest_night / | is defined by itself | break the circle",
        "questions.yaml | means: median party size | means: median unicorn size | median unicorn size | cannot be read | ``",
        "model.yaml | top_by: guest_nights | top_by: guest_night | guest_night | there is no metric \"guest_night\" | did you mean guest_nights?",
        "tables/huts.yaml | holds: category, label: hut name | holds: categry, label: hut name | categry | \"categry\" is not one of the words | did you mean category?",
        "tables/members.yaml | main_date: joined | main_date: joinned | joinned | there is no column \"joinned\" | did you mean joined?",
        "access.yaml | hut_id in | hutid in | hutid | there is no column \"hutid\" in stays | did you mean hut_id?",
        "tables/bridges.yaml | known_by: name | knownby: name | knownby | unknown key \"knownby\" | did you mean known_by?",
        "tables/stays.yaml | source: ledger | source: legder | legder | there is no source \"legder\" | did you mean ledger?",
        "tables/charges.yaml | main_date: stay.arrival | main_date: stays.arrival | stays.arrival | has no link \"stays\" | did you mean stay?",
        "metrics.yaml | sql: avg(lead_days) | sql: lead_days | lead_days | must sum, count or average | sum(lead_days)",
        "model.yaml | week_starts: monday | week_starts: moonday | moonday | \"moonday\" is not one of the words | did you mean monday?"
      })
  void isFound(
      String file, String from, String to, String marker, String message, String suggestion) {
    Map<String, String> files = broken(file, from, to);
    String place = place(file, files.get(file), marker);
    List<Fault> faults = faults(files);
    assertTrue(
        faults.stream()
            .anyMatch(
                f ->
                    f.place().toString().equals(place)
                        && f.message().contains(message)
                        && f.suggestion().contains(suggestion)),
        () -> "expected " + place + " " + message + ", found " + faults);
  }

  /** Where the marker stands, or after {@code >} where it ends. */
  private static String place(String file, String text, String marker) {
    boolean end = marker.startsWith(">");
    String found = end ? marker.substring(1) : marker;
    int at = text.indexOf(found) + (end ? found.length() : 0);
    String before = text.substring(0, at);
    int line = 1 + (int) before.chars().filter(c -> c == '\n').count();
    return file + ":" + line + ":" + (at - before.lastIndexOf('\n'));
  }

  @Test
  void whatIsNotYamlOrNotACalendarSaysWhere() {
    List<Fault> yaml = faults(broken("tables/stays.yaml", "from: hut.stay", "from hut.stay"));
    assertTrue(yaml.toString().contains("not readable as YAML"), yaml::toString);
    assertEquals("tables/stays.yaml", yaml.get(0).place().file());
    List<Fault> calendar = faults(broken("occasions.ics", "DATE:20210822", "DATE:20210810"));
    assertTrue(calendar.toString().contains("occasions.ics:7:1"), calendar::toString);
  }

  @Test
  void manyFaultsAreFoundInOneRun() {
    Map<String, String> files =
        broken("metrics.yaml", "sum(party_size * nights)", "sum(party_sise * nights)");
    files.put("tables/stays.yaml", files.get("tables/stays.yaml").replace("to: huts", "to: hutts"));
    files.put(
        "model.yaml",
        files.get("model.yaml").replace("top_by: guest_nights", "top_by: guest_night"));
    List<String> files3 = faults(files).stream().map(f -> f.place().file()).distinct().toList();
    assertTrue(
        files3.containsAll(List.of("metrics.yaml", "tables/stays.yaml", "model.yaml")),
        files3::toString);
  }

  @Test
  void aFolderWithoutAModelSaysSo() {
    List<Fault> faults = faults(Map.of("notes.yaml", "x: 1"));
    assertEquals("model.yaml:1:1", faults.get(0).place().toString());
    assertTrue(faults.get(0).message().contains("there is no model.yaml"));
  }
}
