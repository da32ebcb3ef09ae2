package org.ropebridge.model.file;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.BusinessCalendar.Season;
import org.ropebridge.model.BusinessCalendar.Today;
import org.ropebridge.model.Column;
import org.ropebridge.model.Column.ValueName;
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

/** Reads a model's files into a {@link Model}, with the place of each item and every fault. */
public final class ModelReader {
  private final List<Fault> faults = new ArrayList<>();
  private final Places places = new Places();

  private ModelReader() {}

  /**
   * What came out of the files.
   *
   * @param model as much of the model as could be read; empty when model.yaml is not readable
   * @param faults in order of place
   */
  public record Result(Optional<Model> model, List<Fault> faults, Places places) {}

  /**
   * Reads files.
   *
   * @param files text by path within the model's folder, with {@code /} between folders
   */
  public static Result read(Map<String, String> files) {
    ModelReader reader = new ModelReader();
    Optional<Model> model = reader.model(new TreeMap<>(files));
    return new Result(
        model,
        reader.faults.stream().sorted(java.util.Comparator.comparing(Fault::place)).toList(),
        reader.places);
  }

  private Optional<Model> model(Map<String, String> files) {
    if (!files.containsKey("model.yaml")) {
      faults.add(
          Fault.error(
              new Place("model.yaml", 1, 1),
              "there is no model.yaml",
              "a model is a folder with model.yaml, tables/ and metrics.yaml"));
      return Optional.empty();
    }
    Block top = Block.EMPTY;
    List<Table> tables = new ArrayList<>();
    List<Metric> metrics = new ArrayList<>();
    List<SampleQuestion> questions = new ArrayList<>();
    List<AccessRule> access = new ArrayList<>();
    List<Occasion> occasions = new ArrayList<>();
    for (Map.Entry<String, String> file : files.entrySet()) {
      String path = file.getKey();
      YamlTree tree = new YamlTree(path, places, faults);
      if (path.equals("model.yaml")) {
        top = tree.read(file.getValue(), FileShapes.MODEL, "model").orElse(Block.EMPTY);
      } else if (path.matches("tables/[^/]+\\.yaml")) {
        String below = "tables/" + path.substring(7, path.length() - 5);
        tree.read(file.getValue(), FileShapes.TABLE, below)
            .flatMap(block -> table(block, below))
            .ifPresent(tables::add);
      } else if (path.equals("metrics.yaml") || path.matches("metrics/[^/]+\\.yaml")) {
        tree.read(file.getValue(), FileShapes.METRICS, "metrics-file")
            .ifPresent(block -> metrics(block.block("metrics"), metrics));
      } else if (path.equals("questions.yaml")) {
        tree.read(file.getValue(), FileShapes.QUESTIONS, "questions-file")
            .ifPresent(block -> questions(block, questions));
      } else if (path.equals("access.yaml")) {
        tree.read(file.getValue(), FileShapes.ACCESS, "access-file")
            .ifPresent(block -> access(block, access));
      } else if (path.equals("occasions.ics")) {
        occasions.addAll(OccasionsReader.read(path, file.getValue(), places, faults));
      } else if (!path.endsWith(".md") && !path.endsWith(".schema.json")) {
        faults.add(
            Fault.warning(
                new Place(path, 1, 1),
                "this file is not part of a model and is not read",
                "tables belong in tables/NAME.yaml"));
      }
    }
    if (!top.has("model")) {
      return Optional.empty();
    }
    String name = top.text("model", "");
    List<String> languages = top.texts("languages");
    Map<String, Model.Source> sources = new LinkedHashMap<>();
    for (String source : top.block("sources").names()) {
      sources.put(
          source,
          new Model.Source(source, top.block("sources").block(source).text("kind", "postgresql")));
    }
    return Optional.of(
        new Model(
            name,
            top.text("title", Labels.ofName(name)),
            top.text("about", ""),
            languages.isEmpty() ? List.of("en") : languages,
            calendar(top.block("calendar")),
            sources,
            preferences(top.block("preferences")),
            tables,
            metrics,
            questions,
            access,
            occasions));
  }

  private static BusinessCalendar calendar(Block block) {
    Today today =
        switch (block.text("today", "clock")) {
          case "clock" -> new Today.Clock();
          case "latest" -> new Today.Latest();
          default -> new Today.Fixed(LocalDate.parse(block.text("today", "")));
        };
    Map<String, Season> seasons = new LinkedHashMap<>();
    for (String season : block.block("seasons").names()) {
      List<String> months = block.block("seasons").texts(season);
      if (!months.isEmpty()) {
        seasons.put(season, new Season(month(months.get(0)), month(months.get(months.size() - 1))));
      }
    }
    return new BusinessCalendar(
        today,
        block.choice("week_starts", DayOfWeek.class).orElse(DayOfWeek.MONDAY),
        block.choice("year_starts", Month.class).orElse(Month.JANUARY),
        block.text("time_zone"),
        seasons);
  }

  private static Month month(String name) {
    return Month.valueOf(name.toUpperCase(Locale.ROOT));
  }

  private Preferences preferences(Block block) {
    Map<String, String> meanings = new LinkedHashMap<>();
    for (String word : block.block("meanings").names()) {
      meanings.put(word, block.block("meanings").text(word, ""));
    }
    int rows = block.whole("rows_shown").orElse(Preferences.DEFAULT_ROWS_SHOWN);
    if (rows < 1) {
      faults.add(
          Fault.error(
              places.ofValue("model/preferences/rows_shown"), "rows_shown must be at least 1", ""));
      rows = Preferences.DEFAULT_ROWS_SHOWN;
    }
    return new Preferences(block.text("top_by"), rows, meanings);
  }

  private Optional<Table> table(Block block, String path) {
    if (!block.has("table")) {
      return Optional.empty();
    }
    String name = block.text("table", "");
    if (!path.equals("tables/" + name)) {
      faults.add(
          Fault.error(
              places.ofValue(path + "/table"),
              "the table is called " + name + " but its file " + path + ".yaml",
              "give both the same name"));
      return Optional.empty();
    }
    List<String> noun = block.texts("one_row_is");
    String singular = noun.isEmpty() ? nounOf(block, name) : noun.get(0);
    String plural = noun.size() > 1 ? noun.get(1) : Plural.of(singular);
    List<Column> columns = new ArrayList<>();
    List<String> hidden = new ArrayList<>();
    Block written = block.block("columns");
    for (String column : written.names()) {
      if (FileShapes.HIDDEN.equals(written.values().get(column))) {
        hidden.add(column);
      } else {
        columns.add(column(column, written.block(column)));
      }
    }
    Block computed = block.block("computed");
    for (String column : computed.names()) {
      if (written.has(column)) {
        faults.add(
            Fault.error(
                places.of(path + "/computed/" + column),
                "\"" + column + "\" is a column already",
                "give the computed column another name"));
      } else {
        columns.add(column(column, computed.block(column)));
      }
    }
    List<Link> links = new ArrayList<>();
    Block linkBlock = block.block("links");
    for (String link : linkBlock.names()) {
      Block b = linkBlock.block(link);
      links.add(
          new Link(
              link,
              b.text("label", Labels.ofName(link)),
              b.text("to", ""),
              b.text("by", ""),
              b.yes("may_be_missing"),
              b.texts("also_called")));
    }
    List<Condition> conditions = new ArrayList<>();
    Block conditionBlock = block.block("conditions");
    for (String condition : conditionBlock.names()) {
      Block b = conditionBlock.block(condition);
      conditions.add(
          new Condition(
              condition,
              b.text("label", Labels.ofName(condition)),
              b.text("sql", ""),
              b.texts("also_called")));
    }
    return Optional.of(
        new Table(
            name,
            block.text("source", ""),
            block.text("from", ""),
            block.text("query", ""),
            block.text("about", ""),
            singular,
            plural,
            block.texts("also_called"),
            block.text("key", ""),
            block.text("main_date"),
            block.text("known_by"),
            columns,
            hidden,
            links,
            conditions));
  }

  private static String nounOf(Block block, String tableName) {
    return block.values().get("one_row_is") instanceof String noun
        ? noun
        : Labels.ofName(tableName);
  }

  private static Column column(String name, Block b) {
    List<ValueName> values = new ArrayList<>();
    Block named = b.block("values");
    for (String stored : named.names()) {
      values.add(
          named.values().get(stored) instanceof String shortName
              ? new ValueName(stored, shortName, List.of())
              : new ValueName(
                  stored,
                  named.block(stored).text("name", stored),
                  named.block(stored).texts("also_called")));
    }
    return new Column(
        name,
        b.text("label", Labels.ofName(name)),
        b.choice("holds", Column.Holds.class).orElse(Column.Holds.TEXT),
        b.text("unit"),
        b.choice("adds_up", Column.AddsUp.class),
        b.texts("also_called"),
        values,
        b.texts("order"),
        b.text("sql"),
        b.text("time_zone"));
  }

  private void metrics(Block block, List<Metric> into) {
    for (String name : block.names()) {
      Block b = block.block(name);
      if (into.stream().anyMatch(m -> m.name().equals(name))) {
        faults.add(
            Fault.error(
                places.of("metrics-file/metrics/" + name),
                "there are two metrics called " + name,
                "keep one, or rename one"));
        continue;
      }
      into.add(
          new Metric(
              name,
              b.text("label", Labels.ofName(name)),
              b.text("table"),
              b.text("sql", ""),
              b.texts("also_called"),
              b.text("unit"),
              b.choice("better", Metric.Better.class),
              b.choice("across_time", Metric.AcrossTime.class).orElse(Metric.AcrossTime.ADDS_UP),
              b.choice("shown_as", Metric.ShownAs.class).orElse(Metric.ShownAs.NUMBER),
              b.text("date"),
              b.text("about", "")));
    }
  }

  private void questions(Block block, List<SampleQuestion> into) {
    for (Block b : block.blocks("questions")) {
      Map<String, String> slots = new LinkedHashMap<>();
      for (String slot : b.block("slots").names()) {
        slots.put(slot, b.block("slots").text(slot, ""));
      }
      into.add(
          new SampleQuestion(
              b.text("ask", ""),
              b.text("means"),
              b.text("sql"),
              slots,
              b.text("agreed").flatMap(ModelReader::date),
              b.yes("starter"),
              b.text("label")));
    }
  }

  private static Optional<LocalDate> date(String text) {
    try {
      return Optional.of(LocalDate.parse(text));
    } catch (java.time.DateTimeException e) {
      return Optional.empty();
    }
  }

  private static void access(Block block, List<AccessRule> into) {
    for (Block b : block.blocks("access")) {
      List<String> hide = new ArrayList<>(b.block("columns").texts("hide"));
      hide.addAll(b.block("metrics").texts("hide"));
      Optional<AccessRule.RowRule> rows =
          b.has("rows")
              ? Optional.of(
                  new AccessRule.RowRule(
                      b.block("rows").text("table", ""), b.block("rows").text("sql", "")))
              : Optional.empty();
      Optional<AccessRule.GroupRule> groups =
          b.has("groups_of_at_least")
              ? Optional.of(
                  new AccessRule.GroupRule(
                      b.block("groups_of_at_least").text("table", ""),
                      b.block("groups_of_at_least").whole("rows").orElse(0)))
              : Optional.empty();
      into.add(new AccessRule(b.text("role", AccessRule.EVERYONE), rows, hide, groups));
    }
  }
}
