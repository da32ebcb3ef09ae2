package org.ropebridge.model.file;

import java.time.Month;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.BusinessCalendar.Today;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Labels;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;
import org.ropebridge.model.Plural;
import org.ropebridge.model.Preferences;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;

/**
 * Writes a model as its files, in one stable form: what can be left out is left out, and reading
 * the files gives the same model. Published editions keep their files as their authors wrote them,
 * with comments; this is for models that come from elsewhere.
 */
public final class ModelWriter {
  private ModelWriter() {}

  /** The text of each file by its path within the model's folder. */
  public static Map<String, String> write(Model model) {
    Map<String, String> files = new TreeMap<>();
    files.put("model.yaml", yaml(top(model)));
    files.putAll(write(model.tables()));
    if (!model.metrics().isEmpty()) {
      Map<String, Object> metrics = new LinkedHashMap<>();
      model.metrics().forEach(m -> metrics.put(m.name(), metric(m)));
      files.put("metrics.yaml", yaml(Map.of("metrics", metrics)));
    }
    if (!model.questions().isEmpty()) {
      List<Object> questions = new ArrayList<>();
      model.questions().forEach(q -> questions.add(question(q)));
      files.put("questions.yaml", yaml(Map.of("questions", questions)));
    }
    if (!model.access().isEmpty()) {
      List<Object> rules = new ArrayList<>();
      model.access().forEach(r -> rules.add(rule(r, model)));
      files.put("access.yaml", yaml(Map.of("access", rules)));
    }
    if (!model.occasions().isEmpty()) {
      files.put("occasions.ics", calendar(model));
    }
    return files;
  }

  /** The text of each table's file by its path within the model's folder. */
  public static Map<String, String> write(List<Table> tables) {
    Map<String, String> files = new TreeMap<>();
    for (Table table : tables) {
      files.put("tables/" + table.name() + ".yaml", yaml(table(table)));
    }
    return files;
  }

  /** What writes further metrics into a model's files. */
  public static List<FileEdit> added(List<Metric> metrics) {
    return metrics.stream()
        .map(m -> FileEdit.set("metrics.yaml", List.of("metrics", m.name()), metric(m)))
        .toList();
  }

  /**
   * What writes a sample question into a model's files.
   *
   * @param index its place among the sample questions; their number for a further one
   */
  public static FileEdit set(SampleQuestion sample, int index) {
    return FileEdit.set(
        "questions.yaml", List.of("questions", Integer.toString(index)), question(sample));
  }

  private static String yaml(Map<String, Object> value) {
    return YamlText.block(value, 0) + "\n";
  }

  private static Map<String, Object> top(Model model) {
    Map<String, Object> top = new LinkedHashMap<>();
    top.put("model", model.name());
    top.put("title", model.title());
    putText(top, "about", model.about());
    top.put("languages", model.languages());
    top.put("calendar", calendar(model.calendar()));
    Map<String, Object> sources = new LinkedHashMap<>();
    model.sources().keySet().stream()
        .sorted()
        .forEach(s -> sources.put(s, Map.of("kind", model.sources().get(s).kind())));
    top.put("sources", sources);
    Preferences preferences = model.preferences();
    Map<String, Object> written = new LinkedHashMap<>();
    preferences.topBy().ifPresent(m -> written.put("top_by", m));
    if (preferences.rowsShown() != Preferences.DEFAULT_ROWS_SHOWN) {
      written.put("rows_shown", preferences.rowsShown());
    }
    if (!preferences.meanings().isEmpty()) {
      written.put("meanings", new TreeMap<>(preferences.meanings()));
    }
    putMap(top, "preferences", written);
    return top;
  }

  private static Map<String, Object> calendar(BusinessCalendar calendar) {
    Map<String, Object> written = new LinkedHashMap<>();
    Today today = calendar.today();
    written.put(
        "today",
        today instanceof Today.Fixed fixed
            ? fixed.day().toString()
            : today instanceof Today.Clock ? "clock" : "latest");
    written.put("week_starts", lower(calendar.weekStarts()));
    if (calendar.yearStarts() != Month.JANUARY) {
      written.put("year_starts", lower(calendar.yearStarts()));
    }
    calendar.timeZone().ifPresent(z -> written.put("time_zone", z));
    Map<String, Object> seasons = new TreeMap<>();
    calendar
        .seasons()
        .forEach((name, s) -> seasons.put(name, List.of(lower(s.first()), lower(s.last()))));
    putMap(written, "seasons", seasons);
    return written;
  }

  private static Map<String, Object> table(Table table) {
    Map<String, Object> written = new LinkedHashMap<>();
    written.put("table", table.name());
    written.put("source", table.source());
    putText(written, "from", table.from());
    putText(written, "query", table.query());
    putText(written, "about", table.about());
    boolean plainPlural = Plural.of(table.rowNoun()).equals(table.rowNounPlural());
    written.put(
        "one_row_is",
        plainPlural ? table.rowNoun() : List.of(table.rowNoun(), table.rowNounPlural()));
    putList(written, "also_called", table.alsoCalled());
    written.put("key", table.key());
    table.mainDate().ifPresent(d -> written.put("main_date", d));
    table.knownBy().ifPresent(k -> written.put("known_by", k));
    Map<String, Object> columns = new LinkedHashMap<>();
    Map<String, Object> computed = new LinkedHashMap<>();
    for (Column column : table.columns()) {
      (column.sql().isPresent() ? computed : columns).put(column.name(), column(column));
    }
    table.hidden().forEach(h -> columns.put(h, FileShapes.HIDDEN));
    written.put("columns", columns);
    putMap(written, "computed", computed);
    Map<String, Object> links = new LinkedHashMap<>();
    table.links().forEach(l -> links.put(l.name(), link(l)));
    putMap(written, "links", links);
    Map<String, Object> conditions = new LinkedHashMap<>();
    table.conditions().forEach(c -> conditions.put(c.name(), condition(c)));
    putMap(written, "conditions", conditions);
    return written;
  }

  private static Map<String, Object> column(Column column) {
    Map<String, Object> written = new LinkedHashMap<>();
    column.sql().ifPresent(s -> written.put("sql", s));
    written.put("holds", lower(column.holds()));
    putLabel(written, column.name(), column.label());
    column.timeZone().ifPresent(z -> written.put("time_zone", z));
    column.unit().ifPresent(u -> written.put("unit", u));
    column.addsUp().ifPresent(a -> written.put("adds_up", lower(a)));
    putList(written, "also_called", column.alsoCalled());
    Map<String, Object> values = new LinkedHashMap<>();
    for (Column.ValueName value : column.values()) {
      Map<String, Object> named = new LinkedHashMap<>();
      named.put("name", value.name());
      putList(named, "also_called", value.alsoCalled());
      values.put(value.stored(), value.alsoCalled().isEmpty() ? value.name() : named);
    }
    putMap(written, "values", values);
    putList(written, "order", column.order());
    return written;
  }

  private static Map<String, Object> link(Link link) {
    Map<String, Object> written = new LinkedHashMap<>();
    written.put("to", link.to());
    written.put("by", link.by());
    putLabel(written, link.name(), link.label());
    if (link.mayBeMissing()) {
      written.put("may_be_missing", true);
    }
    putList(written, "also_called", link.alsoCalled());
    return written;
  }

  private static Map<String, Object> condition(Condition condition) {
    Map<String, Object> written = new LinkedHashMap<>();
    written.put("sql", condition.sql());
    putLabel(written, condition.name(), condition.label());
    putList(written, "also_called", condition.alsoCalled());
    return written;
  }

  private static Map<String, Object> metric(Metric metric) {
    Map<String, Object> written = new LinkedHashMap<>();
    metric.table().ifPresent(t -> written.put("table", t));
    written.put("sql", metric.sql());
    putLabel(written, metric.name(), metric.label());
    putText(written, "about", metric.about());
    putList(written, "also_called", metric.alsoCalled());
    metric.unit().ifPresent(u -> written.put("unit", u));
    metric.better().ifPresent(b -> written.put("better", lower(b)));
    if (metric.acrossTime() != Metric.AcrossTime.ADDS_UP) {
      written.put("across_time", lower(metric.acrossTime()));
    }
    if (metric.shownAs() != Metric.ShownAs.NUMBER) {
      written.put("shown_as", lower(metric.shownAs()));
    }
    metric.date().ifPresent(d -> written.put("date", d));
    return written;
  }

  private static Map<String, Object> question(SampleQuestion question) {
    Map<String, Object> written = new LinkedHashMap<>();
    written.put("ask", question.ask());
    question.means().ifPresent(m -> written.put("means", m));
    question.sql().ifPresent(s -> written.put("sql", s));
    putMap(written, "slots", new TreeMap<>(question.slots()));
    question.agreed().ifPresent(d -> written.put("agreed", d.toString()));
    if (question.starter()) {
      written.put("starter", true);
    }
    question.label().ifPresent(l -> written.put("label", l));
    return written;
  }

  private static Map<String, Object> rule(AccessRule rule, Model model) {
    Map<String, Object> written = new LinkedHashMap<>();
    written.put("role", rule.role());
    rule.rows()
        .ifPresent(
            r -> {
              Map<String, Object> rows = new LinkedHashMap<>();
              rows.put("table", r.table());
              rows.put("sql", r.sql());
              written.put("rows", rows);
            });
    List<String> columns = rule.hide().stream().filter(h -> h.contains(".")).toList();
    List<String> metrics =
        rule.hide().stream().filter(h -> model.findMetric(h).isPresent()).toList();
    if (!columns.isEmpty()) {
      written.put("columns", Map.of("hide", columns));
    }
    if (!metrics.isEmpty()) {
      written.put("metrics", Map.of("hide", metrics));
    }
    rule.groups()
        .ifPresent(
            g -> {
              Map<String, Object> groups = new LinkedHashMap<>();
              groups.put("table", g.table());
              groups.put("rows", g.atLeast());
              written.put("groups_of_at_least", groups);
            });
    return written;
  }

  private static String calendar(Model model) {
    StringBuilder text = new StringBuilder();
    line(text, "BEGIN:VCALENDAR");
    line(text, "VERSION:2.0");
    line(text, "PRODID:-//Rope Bridge//Occasions//EN");
    int number = 0;
    for (Occasion occasion : model.occasions()) {
      String first = occasion.first().toString().replace("-", "");
      line(text, "BEGIN:VEVENT");
      line(text, "UID:occasion-" + ++number + "@" + model.name() + ".invalid");
      line(text, "DTSTAMP:" + first + "T000000Z");
      line(text, "SUMMARY:" + occasion.name().replaceAll("([\\\\;,])", "\\\\$1"));
      line(text, "DTSTART;VALUE=DATE:" + first);
      line(text, "DTEND;VALUE=DATE:" + occasion.last().plusDays(1).toString().replace("-", ""));
      if (occasion.everyYear()) {
        line(text, "RRULE:FREQ=YEARLY");
      }
      line(text, "END:VEVENT");
    }
    line(text, "END:VCALENDAR");
    return text.toString();
  }

  private static void line(StringBuilder text, String line) {
    text.append(line).append("\r\n");
  }

  private static void putText(Map<String, Object> into, String key, String text) {
    if (!text.isEmpty()) {
      into.put(key, text);
    }
  }

  private static void putLabel(Map<String, Object> into, String name, String label) {
    if (!Labels.ofName(name).equals(label)) {
      into.put("label", label);
    }
  }

  private static void putList(Map<String, Object> into, String key, List<String> list) {
    if (!list.isEmpty()) {
      into.put(key, list);
    }
  }

  private static void putMap(Map<String, Object> into, String key, Map<String, ?> map) {
    if (!map.isEmpty()) {
      into.put(key, map);
    }
  }

  private static String lower(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
