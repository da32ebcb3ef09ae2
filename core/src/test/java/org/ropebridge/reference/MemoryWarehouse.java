package org.ropebridge.reference;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** All rows of all tables of a small warehouse. */
record MemoryWarehouse(Map<String, List<Row>> tables) {

  List<Row> rows(String table) {
    return tables.get(table);
  }

  /** The same without the rows of a table that do not pass. */
  MemoryWarehouse without(String table, Predicate<Row> gone) {
    Map<String, List<Row>> fewer = new LinkedHashMap<>(tables);
    fewer.put(table, rows(table).stream().filter(gone.negate()).toList());
    return new MemoryWarehouse(fewer);
  }

  List<Row> all() {
    return tables.values().stream().flatMap(List::stream).toList();
  }

  /** The rows as statements that put them in place of those in the tables of a schema. */
  String script(String schema) {
    StringBuilder script = new StringBuilder();
    tables.forEach(
        (table, rows) -> {
          script.append("delete from %s.%s;%n".formatted(schema, table));
          if (!rows.isEmpty()) {
            String columns = String.join(", ", rows.get(0).cells().keySet());
            script.append("insert into %s.%s (%s) values%n".formatted(schema, table, columns));
            script.append(
                rows.stream()
                    .map(MemoryWarehouse::literals)
                    .collect(Collectors.joining(",\n", "", ";\n")));
          }
        });
    return script.toString();
  }

  private static String literals(Row row) {
    return row.cells().values().stream()
        .map(MemoryWarehouse::literal)
        .collect(Collectors.joining(", ", "(", ")"));
  }

  private static String literal(Object value) {
    if (value == null) {
      return "null";
    }
    return value instanceof BigDecimal || value instanceof Boolean
        ? value.toString()
        : "'" + value.toString().replace("'", "''") + "'";
  }
}
