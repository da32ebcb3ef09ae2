package org.ropebridge.model.file;

import java.time.DayOfWeek;
import java.time.Month;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.ropebridge.model.Column;
import org.ropebridge.model.file.Shape.Choice;
import org.ropebridge.model.file.Shape.Either;
import org.ropebridge.model.file.Shape.Items;
import org.ropebridge.model.file.Shape.Keys;
import org.ropebridge.model.file.Shape.Named;
import org.ropebridge.model.file.Shape.Text;
import org.ropebridge.model.file.Shape.Whole;
import org.ropebridge.model.file.Shape.YesNo;

/** Every key of every kind of model file, declared once. */
public final class FileShapes {
  static final String HIDDEN = "hidden";
  private static final String IDENTIFIER = "[a-z][a-z0-9_]*";
  private static final String DATE = "\\d{4}-\\d{2}-\\d{2}";

  private static final Shape NAME = new Text("Lower-case identifier.", IDENTIFIER);
  private static final Shape LABEL = new Text("What people call it.", "");
  private static final Shape ABOUT = new Text("One or two sentences for people.", "");
  private static final Shape SYNONYMS = new Items("Other words for it.", new Text("", ""));
  private static final Shape SQL = new Text("A standard SQL expression.", "");

  private static final Shape COLUMN =
      new Either(
          new Choice("The column stays unseen.", List.of(HIDDEN)),
          columnKeys(Shape.keys("A column of the table.")).done());

  private static final Shape COMPUTED =
      columnKeys(Shape.keys("A column computed from others of the table.").must("sql", SQL)).done();

  static final Keys MODEL =
      Shape.keys("What the model is called and how it reads time.")
          .must("model", NAME)
          .may("title", new Text("What people call the model.", ""))
          .may("about", ABOUT)
          .may("languages", new Items("Language tags.", new Choice("", List.of("en", "de"))))
          .may("calendar", calendar())
          .must(
              "sources",
              new Named(
                  "Warehouses; the service knows where they are.",
                  Shape.keys("")
                      .must("kind", new Choice("Kind of SQL.", List.of("postgresql")))
                      .done()))
          .may(
              "preferences",
              Shape.keys("The author's choices where a question leaves something open.")
                  .may("top_by", new Text("Metric that ranks when none is said.", IDENTIFIER))
                  .may("rows_shown", new Whole("Most rows of an answer."))
                  .may("meanings", new Named("A word, and the item it means.", new Text("", "")))
                  .done())
          .done();

  static final Keys TABLE =
      Shape.keys("One table.")
          .must("table", NAME)
          .must("source", NAME)
          .may("from", new Text("schema.table in the warehouse.", "[^.\\s]+\\.[^.\\s]+"))
          .may("query", new Text("A SELECT that stands for the table.", ""))
          .may("about", ABOUT)
          .must(
              "one_row_is",
              new Either(
                  new Text("What one row is called.", ""),
                  new Items("Singular and plural.", new Text("", ""), true)))
          .may("also_called", SYNONYMS)
          .must("key", NAME)
          .may(
              "main_date",
              new Text("A date column, or link.column.", IDENTIFIER + "(\\." + IDENTIFIER + ")?"))
          .may("known_by", NAME)
          .must("columns", new Named("The columns that people may use.", COLUMN))
          .may("computed", new Named("Columns computed from others.", COMPUTED))
          .may(
              "links",
              new Named(
                  "How a row points to rows of other tables.",
                  Shape.keys("")
                      .must("to", NAME)
                      .must("by", NAME)
                      .may("label", LABEL)
                      .may("may_be_missing", new YesNo("Whether a row may point nowhere."))
                      .may("also_called", SYNONYMS)
                      .done()))
          .may(
              "conditions",
              new Named(
                  "Named filters.",
                  Shape.keys("")
                      .must("sql", SQL)
                      .may("label", LABEL)
                      .may("also_called", SYNONYMS)
                      .done()))
          .done();

  static final Keys METRICS =
      Shape.keys("Numbers with one agreed definition.")
          .must(
              "metrics",
              new Named(
                  "",
                  Shape.keys("A metric.")
                      .may("table", NAME)
                      .must("sql", SQL)
                      .may("label", LABEL)
                      .may("about", ABOUT)
                      .may("also_called", SYNONYMS)
                      .may("unit", new Text("Unit of the number.", ""))
                      .may(
                          "better",
                          new Choice("Which direction is good.", List.of("higher", "lower")))
                      .may(
                          "across_time",
                          new Choice("How it behaves over time.", List.of("adds_up", "last")))
                      .may(
                          "shown_as",
                          new Choice("How it is written.", List.of("number", "percent", "money")))
                      .may("date", NAME)
                      .done()))
          .done();

  static final Keys QUESTIONS =
      Shape.keys("Questions with what they mean.")
          .must(
              "questions",
              new Items(
                  "",
                  Shape.keys("A sample question.")
                      .must("ask", new Text("The question as people ask it.", ""))
                      .may("means", new Text("Its restatement.", ""))
                      .may("sql", new Text("SQL for what no plan can say.", ""))
                      .may("slots", new Named("Values of the SQL.", new Text("table.column", "")))
                      .may("agreed", new Text("Day on which it was signed off.", DATE))
                      .may("starter", new YesNo("Offered to people who begin."))
                      .may("label", LABEL)
                      .done()))
          .done();

  static final Keys ACCESS =
      Shape.keys("Who may see what.")
          .must(
              "access",
              new Items(
                  "",
                  Shape.keys("A rule for a role.")
                      .must("role", NAME)
                      .may(
                          "rows",
                          Shape.keys("Only these rows.")
                              .must("table", NAME)
                              .must("sql", SQL)
                              .done())
                      .may(
                          "columns",
                          Shape.keys("")
                              .must("hide", new Items("table.column", new Text("", "")))
                              .done())
                      .may(
                          "metrics",
                          Shape.keys("").must("hide", new Items("metric", new Text("", ""))).done())
                      .may(
                          "groups_of_at_least",
                          Shape.keys("Numbers only for groups with so many rows behind them.")
                              .must("table", NAME)
                              .must("rows", new Whole("2 or more."))
                              .done())
                      .done()))
          .done();

  private FileShapes() {}

  /** The JSON Schemas of the files, by file name. */
  public static Map<String, Map<String, Object>> schemas() {
    Map<String, Map<String, Object>> schemas = new LinkedHashMap<>();
    schemas.put("model.schema.json", root(MODEL, "model.yaml"));
    schemas.put("table.schema.json", root(TABLE, "tables/*.yaml"));
    schemas.put("metrics.schema.json", root(METRICS, "metrics.yaml"));
    schemas.put("questions.schema.json", root(QUESTIONS, "questions.yaml"));
    schemas.put("access.schema.json", root(ACCESS, "access.yaml"));
    return schemas;
  }

  /**
   * The keys that stand before a key of that place when files are written in their usual order.
   *
   * @param path of the map that the key stands in
   * @param file the file's text, which tells what kind of file it is
   */
  static List<String> keysBefore(List<String> path, String key, String file) {
    for (Keys kind : List.of(MODEL, TABLE, METRICS, QUESTIONS, ACCESS)) {
      String first = kind.keys().keySet().iterator().next();
      if (Pattern.compile("^" + first + ":", Pattern.MULTILINE).matcher(file).find()) {
        return keysBefore(kind, path, key);
      }
    }
    return List.of();
  }

  private static List<String> keysBefore(Shape shape, List<String> path, String key) {
    Shape below = shape instanceof Either either ? either.longForm() : shape;
    if (path.isEmpty()) {
      List<String> keys =
          below instanceof Keys keyed ? List.copyOf(keyed.keys().keySet()) : List.of();
      return keys.subList(0, Math.max(0, keys.indexOf(key)));
    } else if (below instanceof Keys keyed && keyed.keys().containsKey(path.get(0))) {
      return keysBefore(keyed.keys().get(path.get(0)).shape(), path.subList(1, path.size()), key);
    } else if (below instanceof Named named) {
      return keysBefore(named.value(), path.subList(1, path.size()), key);
    }
    return below instanceof Items items
        ? keysBefore(items.item(), path.subList(1, path.size()), key)
        : List.of();
  }

  private static Map<String, Object> root(Keys shape, String title) {
    Map<String, Object> schema = new LinkedHashMap<>();
    schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    schema.put("title", title);
    schema.putAll(shape.schema());
    return schema;
  }

  private static Shape.Builder columnKeys(Shape.Builder keys) {
    return keys.must(
            "holds", new Choice("What kind of values it has.", names(Column.Holds.values())))
        .may("label", LABEL)
        .may("unit", new Text("Unit of the number.", ""))
        .may(
            "adds_up",
            new Choice("What a bare number column means.", names(Column.AddsUp.values())))
        .may("also_called", SYNONYMS)
        .may("values", valueNames())
        .may(
            "time_zone",
            new Text(
                "Zone in which the warehouse keeps the times; stated, when every value states its"
                    + " own.",
                ""))
        .may("order", new Items("Natural order of the values.", new Text("", "")));
  }

  private static Shape valueNames() {
    return new Named(
        "What people call each stored value.",
        new Either(
            new Text("Its name.", ""),
            Shape.keys("").must("name", LABEL).may("also_called", SYNONYMS).done()));
  }

  private static Shape calendar() {
    return Shape.keys("What time words mean.")
        .may("today", new Text("A date, clock, or latest.", DATE + "|clock|latest"))
        .may("week_starts", new Choice("First day of a week.", names(DayOfWeek.values())))
        .may("year_starts", new Choice("First month of the business year.", names(Month.values())))
        .may("time_zone", new Text("Zone in which people count days, such as Europe/Zurich.", ""))
        .may(
            "seasons",
            new Named(
                "First and last month.", new Items("", new Choice("", names(Month.values())))))
        .done();
  }

  private static List<String> names(Enum<?>[] values) {
    return Arrays.stream(values).map(v -> v.name().toLowerCase(Locale.ROOT)).toList();
  }
}
