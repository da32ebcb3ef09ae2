package org.ropebridge.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The distinct texts of the demo's columns, without a database. */
public final class DemoValues {
  private DemoValues() {}

  /** Distinct texts by {@code schema.table.column}, in the order in which they are generated. */
  public static Map<String, List<String>> distinct(DemoData.Size size) {
    Collector collector = new Collector();
    DemoData.generate(size, collector);
    Map<String, List<String>> values = new HashMap<>();
    collector.seen.forEach((column, texts) -> values.put(column, new ArrayList<>(texts)));
    return values;
  }

  private static final class Collector implements RowSink {
    private final Map<String, Set<String>> seen = new HashMap<>();
    private String table = "";
    private List<String> columns = List.of();

    @Override
    public void table(String name, List<String> names) {
      table = name;
      columns = names;
    }

    @Override
    public void row(Object... values) {
      for (int i = 0; i < values.length; i++) {
        if (values[i] instanceof String text) {
          seen.computeIfAbsent(table + "." + columns.get(i), k -> new LinkedHashSet<>()).add(text);
        }
      }
    }
  }
}
