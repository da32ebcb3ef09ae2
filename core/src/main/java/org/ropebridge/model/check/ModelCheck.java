package org.ropebridge.model.check;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Nearest;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionException;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.Places;

/** Checks that the parts of a model fit together. */
public final class ModelCheck {
  private final Model model;
  private final Places places;
  private final List<Fault> faults = new ArrayList<>();

  private ModelCheck(Model model, Places places) {
    this.model = model;
    this.places = places;
  }

  /** The faults of the model, in order of place. */
  public static List<Fault> faults(Model model, Places places) {
    ModelCheck check = new ModelCheck(model, places);
    model.tables().forEach(check::table);
    model.metrics().forEach(check::metric);
    model.calendar().timeZone().ifPresent(z -> check.zone(z, "model/calendar/time_zone"));
    check.preferences();
    check.access();
    check.questions();
    check.faults.addAll(SynonymCheck.faults(model, places));
    return check.faults.stream().sorted(java.util.Comparator.comparing(Fault::place)).toList();
  }

  private void error(String path, String message, String suggestion) {
    faults.add(Fault.error(places.ofValue(path), message, suggestion));
  }

  // ---- tables

  private void table(Table table) {
    String path = "tables/" + table.name();
    if (!model.sources().containsKey(table.source())) {
      error(
          path + "/source",
          "there is no source \"" + table.source() + "\"",
          Nearest.hint(table.source(), model.sources().keySet()));
    }
    if (table.from().isEmpty() == table.query().isEmpty()) {
      error(path, "the table needs either from or query", "write from: schema.table");
    }
    table.mainDate().ifPresent(date -> mainDate(table, date, path + "/main_date"));
    table
        .knownBy()
        .filter(c -> table.findColumn(c).isEmpty() && !table.key().equals(c))
        .ifPresent(
            c ->
                error(
                    path + "/known_by",
                    "there is no column \"" + c + "\" in " + table.name(),
                    Nearest.hint(c, columnNames(table))));
    for (Column column : table.columns()) {
      column(table, column);
    }
    for (Link link : table.links()) {
      link(table, link);
    }
    for (Condition condition : table.conditions()) {
      String at = path + "/conditions/" + condition.name() + "/sql";
      expression(condition.sql(), at)
          .ifPresent(e -> overColumns(e, table, at, "a condition is about one row"));
    }
  }

  private void mainDate(Table table, String date, String path) {
    int dot = date.indexOf('.');
    Optional<Table> holder =
        dot < 0
            ? Optional.of(table)
            : table.findLink(date.substring(0, dot)).flatMap(l -> model.findTable(l.to()));
    String name = date.substring(dot + 1);
    if (holder.isEmpty()) {
      error(
          path,
          table.name() + " has no link \"" + date.substring(0, dot) + "\"",
          Nearest.hint(date.substring(0, dot), table.links().stream().map(Link::name).toList()));
    } else if (holder.get().findColumn(name).isEmpty()) {
      error(
          path,
          "there is no column \"" + name + "\" in " + holder.get().name(),
          Nearest.hint(name, columnNames(holder.get())));
    } else if (!holder.get().column(name).holds().isTemporal()) {
      error(path, "\"" + name + "\" holds no dates", "name a column that holds date or time");
    }
  }

  private void column(Table table, Column column) {
    String inColumns = "tables/" + table.name() + "/columns/" + column.name();
    String path =
        column.sql().isPresent()
            ? "tables/" + table.name() + "/computed/" + column.name()
            : inColumns;
    column
        .sql()
        .flatMap(sql -> expression(sql, path + "/sql"))
        .ifPresent(
            e -> {
              overColumns(e, table, path + "/sql", "a computed column is about one row");
              if (leadsBackTo(table, column.name(), e, new HashSet<>())) {
                error(
                    path + "/sql",
                    "\"" + column.name() + "\" is computed from itself",
                    "break the circle");
              }
            });
    if (column.holds() != Column.Holds.NUMBER && column.addsUp().isPresent()) {
      error(path + "/adds_up", "only numbers add up", "remove adds_up, or say holds: number");
    }
    column.timeZone().ifPresent(zone -> timeZone(column, zone, path + "/time_zone"));
  }

  private void timeZone(Column column, String zone, String path) {
    if (column.holds() != Column.Holds.TIME) {
      error(path, "only times are kept in a time zone", "remove time_zone, or say holds: time");
    } else if (column.sql().isPresent()) {
      error(
          path,
          "a computed column is not kept by the warehouse",
          "say time_zone at the columns it is computed from");
    } else if (model.calendar().timeZone().isEmpty()) {
      error(
          path,
          "the model does not say in which time zone people count days",
          "add time_zone to the calendar in model.yaml, such as time_zone: Europe/Zurich");
    } else if (!zone.equals(Column.STATED)) {
      zone(zone, path);
    }
  }

  private void zone(String zone, String path) {
    if (!ZoneId.getAvailableZoneIds().contains(zone)) {
      error(
          path,
          "there is no time zone \"" + zone + "\"",
          Nearest.to(zone, ZoneId.getAvailableZoneIds())
              .map(z -> "did you mean " + z + "?")
              .orElse("write it like Europe/Zurich or UTC"));
    }
  }

  private static boolean leadsBackTo(
      Table table, String start, Expression expression, Set<String> seen) {
    for (Expression.NameUse use : expression.names()) {
      if (use.name().equals(start)) {
        return true;
      }
      Optional<String> sql = table.findColumn(use.name()).flatMap(Column::sql);
      if (sql.isPresent() && seen.add(use.name())) {
        try {
          if (leadsBackTo(table, start, ExpressionParser.parse(sql.get()), seen)) {
            return true;
          }
        } catch (ExpressionException e) {
          return false;
        }
      }
    }
    return false;
  }

  private void link(Table table, Link link) {
    String path = "tables/" + table.name() + "/links/" + link.name();
    if (model.findTable(link.to()).isEmpty()) {
      error(
          path + "/to",
          "the link leads to a table \"" + link.to() + "\" that is not there",
          Nearest.hint(link.to(), tableNames()));
    }
  }

  // ---- metrics

  private void metric(Metric metric) {
    String path = "metrics-file/metrics/" + metric.name();
    Optional<Expression> parsed = expression(metric.sql(), path + "/sql");
    if (metric.table().isPresent()) {
      String tableName = metric.table().get();
      Optional<Table> table = model.findTable(tableName);
      if (table.isEmpty()) {
        error(
            path + "/table",
            "there is no table \"" + tableName + "\"",
            Nearest.hint(tableName, tableNames()));
        return;
      }
      metric.date().ifPresent(d -> mainDate(table.get(), d, path + "/date"));
      parsed.ifPresent(
          e -> {
            columnsExist(e, table.get(), path + "/sql");
            if (!e.aggregates()) {
              error(
                  path + "/sql",
                  "a metric over a table must sum, count or average",
                  "for example sum(" + metric.sql() + ")");
            }
          });
      if (metric.acrossTime() == Metric.AcrossTime.LAST
          && metric.date().isEmpty()
          && table.get().mainDate().isEmpty()) {
        error(
            path + "/across_time", "across_time: last needs a date", "give the table a main_date");
      }
    } else {
      parsed.ifPresent(e -> overMetrics(metric, e, path + "/sql"));
    }
  }

  private void overMetrics(Metric metric, Expression expression, String path) {
    for (Expression.NameUse use : expression.names()) {
      if (model.findMetric(use.name()).isEmpty()) {
        faults.add(
            Fault.error(
                places.within(path, use.offset()),
                "there is no metric \"" + use.name() + "\"",
                Nearest.to(use.name(), metricNames())
                    .map(n -> "did you mean " + n + "?")
                    .orElse("name a metric, or say which table it is over with table:")));
      }
    }
    if (expression.aggregates()) {
      error(path, "a metric that aggregates needs a table", "add table: and the table's name");
    }
    circle(metric, new LinkedHashSet<>())
        .ifPresent(
            names ->
                error(
                    path,
                    "\"" + metric.name() + "\" is defined by itself: " + String.join(" -> ", names),
                    "break the circle"));
  }

  private Optional<List<String>> circle(Metric metric, Set<String> above) {
    if (!above.add(metric.name())) {
      boolean backToStart = above.iterator().next().equals(metric.name());
      List<String> names = new ArrayList<>(above);
      names.add(metric.name());
      return backToStart ? Optional.of(names) : Optional.empty();
    }
    if (metric.table().isEmpty()) {
      try {
        for (Expression.NameUse use : ExpressionParser.parse(metric.sql()).names()) {
          Optional<List<String>> found =
              model.findMetric(use.name()).flatMap(m -> circle(m, new LinkedHashSet<>(above)));
          if (found.isPresent()) {
            return found;
          }
        }
      } catch (ExpressionException e) {
        return Optional.empty();
      }
    }
    return Optional.empty();
  }

  // ---- the rest

  private void preferences() {
    model
        .preferences()
        .topBy()
        .filter(m -> model.findMetric(m).isEmpty())
        .ifPresent(
            m ->
                error(
                    "model/preferences/top_by",
                    "there is no metric \"" + m + "\"",
                    Nearest.hint(m, metricNames())));
    Set<String> items = new HashSet<>(metricNames());
    for (Table table : model.tables()) {
      items.add(table.name());
      table.columns().forEach(c -> items.add(table.name() + "." + c.name()));
      table.conditions().forEach(c -> items.add(table.name() + "." + c.name()));
    }
    model
        .preferences()
        .meanings()
        .forEach(
            (word, item) -> {
              if (!items.contains(item)) {
                error(
                    "model/preferences/meanings/" + word,
                    "there is no item \"" + item + "\"",
                    Nearest.to(item, items)
                        .map(n -> "did you mean " + n + "?")
                        .orElse("name a metric, a table, table.column, or table.condition"));
              }
            });
  }

  private void access() {
    for (int i = 0; i < model.access().size(); i++) {
      AccessRule rule = model.access().get(i);
      String path = "access-file/access/" + i;
      if (rule.rows().isPresent()) {
        String tableName = rule.rows().get().table();
        Optional<Table> table = model.findTable(tableName);
        if (table.isEmpty()) {
          error(
              path + "/rows/table",
              "there is no table \"" + tableName + "\"",
              Nearest.hint(tableName, tableNames()));
        } else {
          expression(rule.rows().get().sql(), path + "/rows/sql")
              .ifPresent(
                  e -> overColumns(e, table.get(), path + "/rows/sql", "a rule is about one row"));
        }
      }
      rule.groups().ifPresent(g -> groupSize(g, path + "/groups_of_at_least"));
      Set<String> known = new HashSet<>(metricNames());
      for (Table table : model.tables()) {
        columnNames(table).forEach(c -> known.add(table.name() + "." + c));
      }
      for (String hidden : rule.hide()) {
        if (!known.contains(hidden)) {
          error(
              path + (hidden.contains(".") ? "/columns" : "/metrics"),
              "there is no \"" + hidden + "\" to hide",
              Nearest.to(hidden, known)
                  .map(n -> "did you mean " + n + "?")
                  .orElse("write table.column, or a metric"));
        }
      }
    }
  }

  private void groupSize(AccessRule.GroupRule rule, String path) {
    if (model.findTable(rule.table()).isEmpty()) {
      error(
          path + "/table",
          "there is no table \"" + rule.table() + "\"",
          Nearest.hint(rule.table(), tableNames()));
    }
    if (rule.atLeast() < 2) {
      error(path + "/rows", "a group size is at least 2", "write how many rows a group must have");
    }
  }

  private void questions() {
    for (int i = 0; i < model.questions().size(); i++) {
      SampleQuestion question = model.questions().get(i);
      String path = "questions-file/questions/" + i;
      if (question.means().isEmpty() && question.sql().isEmpty()) {
        error(path, "the question has no meaning", "add means: and what it asks in plain words");
      }
      question.slots().forEach((slot, column) -> slot(column, path + "/slots/" + slot));
    }
  }

  private void slot(String column, String path) {
    int dot = column.indexOf('.');
    Optional<Table> table =
        model.tables().stream()
            .filter(t -> dot > 0 && t.name().equals(column.substring(0, dot)))
            .findFirst();
    if (table.isEmpty()) {
      error(
          path,
          "\"" + column + "\" is no column of a table",
          "write table.column, such as huts.name");
    } else if (table.get().findColumn(column.substring(dot + 1)).isEmpty()) {
      error(
          path,
          "there is no column \"" + column.substring(dot + 1) + "\" in " + table.get().name(),
          Nearest.hint(column.substring(dot + 1), columnNames(table.get())));
    }
  }

  // ---- expressions

  private Optional<Expression> expression(String sql, String path) {
    try {
      return Optional.of(ExpressionParser.parse(sql));
    } catch (ExpressionException e) {
      faults.add(
          Fault.error(
              places.within(path, e.offset()), "the SQL does not parse: " + e.getMessage(), ""));
      return Optional.empty();
    }
  }

  private void overColumns(Expression expression, Table table, String path, String why) {
    columnsExist(expression, table, path);
    if (expression.aggregates()) {
      error(path, why + ", so it cannot sum, count or average", "make it a metric");
    }
  }

  private void columnsExist(Expression expression, Table table, String path) {
    Set<String> known = columnNames(table);
    for (Expression.NameUse use : expression.names()) {
      if (!known.contains(use.name())) {
        faults.add(
            Fault.error(
                places.within(path, use.offset()),
                "there is no column \"" + use.name() + "\" in " + table.name(),
                Nearest.hint(use.name(), known)));
      }
    }
  }

  /** All columns that expressions may use: those of people, hidden ones, keys and pointers. */
  private static Set<String> columnNames(Table table) {
    Set<String> names = new LinkedHashSet<>();
    Stream.of(
            table.columns().stream().map(Column::name),
            table.hidden().stream(),
            Stream.of(table.key()),
            table.links().stream().map(Link::by))
        .flatMap(s -> s)
        .forEach(names::add);
    return names;
  }

  private Collection<String> tableNames() {
    return model.tables().stream().map(Table::name).toList();
  }

  private Collection<String> metricNames() {
    return model.metrics().stream().map(Metric::name).toList();
  }
}
