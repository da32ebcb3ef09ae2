package org.ropebridge.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/** Asks a warehouse for the constraints that it holds its rows to. */
public final class ConstraintSql {
  /** Rows of two texts: a pointing column and the one it points at, or a column and nothing. */
  public static final String TEXT =
      """
      select n.nspname || '.' || t.relname || '.' || a.attname as "column",
        n2.nspname || '.' || t2.relname || '.' || a2.attname as "points at"
      from pg_constraint c
      join pg_class t on t.oid = c.conrelid
      join pg_namespace n on n.oid = t.relnamespace
      join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
      join pg_class t2 on t2.oid = c.confrelid
      join pg_namespace n2 on n2.oid = t2.relnamespace
      join pg_attribute a2 on a2.attrelid = c.confrelid and a2.attnum = c.confkey[1]
      where c.contype = 'f' and c.convalidated and array_length(c.conkey, 1) = 1
      union all
      select n.nspname || '.' || t.relname || '.' || a.attname, null
      from pg_attribute a
      join pg_class t on t.oid = a.attrelid and t.relkind in ('r', 'p')
      join pg_namespace n on n.oid = t.relnamespace
      where a.attnotnull and a.attnum > 0 and not a.attisdropped
        and n.nspname not in ('pg_catalog', 'information_schema')
      """;

  private ConstraintSql() {}

  /**
   * What the constraints promise for a model.
   *
   * @param rows of {@link #TEXT}, run on one of the model's sources
   * @param source the name of that source
   */
  public static Guarantees guarantees(Model model, String source, List<List<Object>> rows) {
    Set<List<Object>> pointing = new HashSet<>(rows);
    Set<Object> neverMissing = new HashSet<>();
    rows.stream().filter(r -> r.get(1) == null).forEach(r -> neverMissing.add(r.get(0)));
    Set<String> links = new HashSet<>();
    Set<ColumnRef> columns = new HashSet<>();
    for (Table table : model.tables()) {
      if (!table.source().equals(source) || table.from().isEmpty()) {
        continue;
      }
      for (Link link : table.links()) {
        Table to = model.table(link.to());
        if (pointing.contains(
            List.of(table.from() + "." + link.by(), to.from() + "." + to.key()))) {
          links.add(table.name() + "." + link.name());
        }
      }
      for (Column column : table.columns()) {
        boolean never = neverMissing.contains(table.from() + "." + column.name());
        if (never && column.sql().isEmpty()) {
          columns.add(ColumnRef.of(table.name(), column.name()));
        }
      }
    }
    return new Guarantees(links, columns);
  }
}
