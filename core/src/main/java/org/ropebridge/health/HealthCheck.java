package org.ropebridge.health;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.ropebridge.model.Column;
import org.ropebridge.model.Link;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * Compares a model with what its warehouse has now. What is gone is found in the catalogue; what it
 * breaks is found by trying: the warehouse plans the statement of every metric, condition, computed
 * column and agreed sample question, and those that it refuses are broken.
 */
public final class HealthCheck {
  private final Model model;
  private final Map<String, Catalog> catalogs;

  /**
   * @param catalogs what each source of the model has now, by the source's name
   */
  public HealthCheck(Model model, Map<String, Catalog> catalogs) {
    this.model = model;
    this.catalogs = Map.copyOf(catalogs);
  }

  /**
   * A trial that the warehouse refused.
   *
   * @param message what the warehouse said
   */
  public record Refused(Trial trial, String message) {}

  /** A table or column of the warehouse that is not as the model takes it. */
  private record Missing(Finding.Kind kind, Table table, String column, String message) {
    String item() {
      return column.isEmpty() ? table.name() : table.name() + "." + column;
    }

    /** Whether a statement is about it. */
    boolean isIn(String sql) {
      String from = table.from().substring(table.from().indexOf('.') + 1);
      return names(sql, from) && (column.isEmpty() || names(sql, column));
    }

    private static boolean names(String sql, String name) {
      return Pattern.compile("(?<!\\w)" + Pattern.quote(name) + "(?!\\w)").matcher(sql).find();
    }
  }

  /**
   * What is the matter, tables first.
   *
   * @param refused the trials that the warehouse refused
   */
  public List<Finding> findings(List<Refused> refused) {
    List<Finding> findings = new ArrayList<>();
    Set<Refused> explained = new HashSet<>();
    for (Missing missing : missing()) {
      List<Refused> broken = refused.stream().filter(r -> missing.isIn(r.trial().sql())).toList();
      explained.addAll(broken);
      findings.add(
          new Finding(
              missing.kind(),
              missing.item(),
              missing.message(),
              broken.stream().map(r -> r.trial().tried()).distinct().toList()));
    }
    Map<String, Set<Finding.Affected>> others = new LinkedHashMap<>();
    refused.stream()
        .filter(r -> !explained.contains(r))
        .forEach(
            r ->
                others
                    .computeIfAbsent(r.message(), m -> new LinkedHashSet<>())
                    .add(r.trial().tried()));
    others.forEach(
        (message, broken) ->
            findings.add(
                new Finding(
                    Finding.Kind.REFUSED,
                    broken.iterator().next().name(),
                    "The warehouse refuses it: " + message,
                    List.copyOf(broken))));
    return findings;
  }

  private List<Missing> missing() {
    List<Missing> tables = new ArrayList<>();
    List<Missing> columns = new ArrayList<>();
    for (Table table : model.tables()) {
      Catalog catalog = catalogs.get(table.source());
      if (catalog == null || table.from().isEmpty()) {
        // What a query makes is only tried.
        continue;
      }
      if (!catalog.has(table.from())) {
        tables.add(
            new Missing(
                Finding.Kind.TABLE_GONE,
                table,
                "",
                "The source \""
                    + table.source()
                    + "\" has no table "
                    + table.from()
                    + " any more, or does not let it be read."));
        continue;
      }
      for (String column : stored(table)) {
        compared(table, column, catalog).ifPresent(columns::add);
      }
    }
    tables.addAll(columns);
    return tables;
  }

  /** The columns of the warehouse that a table counts on. */
  private static Set<String> stored(Table table) {
    Set<String> stored = new LinkedHashSet<>();
    table.columns().stream().filter(c -> c.sql().isEmpty()).map(Column::name).forEach(stored::add);
    stored.addAll(table.hidden());
    if (!table.key().isEmpty()) {
      stored.add(table.key());
    }
    table.links().stream().map(Link::by).forEach(stored::add);
    // A key may be computed.
    table.columns().stream()
        .filter(c -> c.sql().isPresent())
        .map(Column::name)
        .forEach(stored::remove);
    return stored;
  }

  private static Optional<Missing> compared(Table table, String column, Catalog catalog) {
    Optional<Catalog.Type> type = catalog.type(table.from(), column);
    if (type.isEmpty()) {
      return Optional.of(
          new Missing(
              Finding.Kind.COLUMN_GONE,
              table,
              column,
              "The table "
                  + table.from()
                  + " has no column "
                  + column
                  + " any more, or does not let it be read."));
    }
    return table
        .findColumn(column)
        .flatMap(c -> needed(c.holds()))
        .filter(needed -> type.get().kind() != needed)
        .map(
            needed ->
                new Missing(
                    Finding.Kind.TYPE_CHANGED,
                    table,
                    column,
                    "The column "
                        + column
                        + " of "
                        + table.from()
                        + " has the type "
                        + type.get().name()
                        + " now, and the model takes it for "
                        + (needed == Catalog.Kind.NUMBER ? "a number" : "a date or time")
                        + "."));
  }

  private static Optional<Catalog.Kind> needed(Column.Holds holds) {
    return switch (holds) {
      case NUMBER, LATITUDE, LONGITUDE -> Optional.of(Catalog.Kind.NUMBER);
      case DATE, TIME -> Optional.of(Catalog.Kind.DATE_OR_TIME);
      // A yes or no may be kept in many ways.
      case YES_NO, CATEGORY, TEXT, ID, REGION, OUTLINE -> Optional.empty();
    };
  }
}
