package org.ropebridge.health;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The tables and columns that a source has now, as far as the service may read them.
 *
 * @param tables for each {@code schema.table} its columns and what they hold
 */
public record Catalog(Map<String, Map<String, Type>> tables) {
  /**
   * Rows of four texts: a table, a column, the name of its type, and the letter of the type's kind
   * (the columns {@code typname} and {@code typcategory} of the system catalogue).
   */
  public static final String SQL =
      """
      select n.nspname || '.' || c.relname, a.attname, format_type(a.atttypid, null),
        t.typcategory::text
      from pg_attribute a
      join pg_class c on c.oid = a.attrelid and c.relkind in ('r', 'p', 'v', 'm', 'f')
      join pg_namespace n on n.oid = c.relnamespace
      join pg_type t on t.oid = a.atttypid
      where a.attnum > 0 and not a.attisdropped
        and n.nspname not in ('pg_catalog', 'information_schema')
        and has_column_privilege(c.oid, a.attnum, 'select')
      """;

  /** Most rows of it that are read. */
  public static final int MOST_COLUMNS = 500_000;

  public Catalog {
    tables = Map.copyOf(tables);
  }

  /**
   * The type of a column.
   *
   * @param name as the warehouse calls it
   * @param kind what it is by and large
   */
  public record Type(String name, Kind kind) {}

  /** What a type is by and large. */
  public enum Kind {
    NUMBER,
    TEXT,
    DATE_OR_TIME,
    OTHER;

    private static Kind of(String category) {
      return switch (category) {
        case "N" -> NUMBER;
        case "S", "E" -> TEXT;
        case "D" -> DATE_OR_TIME;
        default -> OTHER;
      };
    }
  }

  /**
   * Reads a catalogue.
   *
   * @param rows of {@link #SQL}
   */
  public static Catalog of(List<List<Object>> rows) {
    Map<String, Map<String, Type>> tables = new HashMap<>();
    for (List<Object> row : rows) {
      Type type = new Type(row.get(2).toString(), Kind.of(row.get(3).toString()));
      tables
          .computeIfAbsent(row.get(0).toString(), t -> new HashMap<>())
          .put(row.get(1).toString(), type);
    }
    return new Catalog(tables);
  }

  boolean has(String table) {
    return tables.containsKey(table);
  }

  Optional<Type> type(String table, String column) {
    return Optional.ofNullable(tables.getOrDefault(table, Map.of()).get(column));
  }
}
