package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ropebridge.survey.Key.Proof;

/** The keys and pointers that a warehouse declares, by {@code schema.table}. */
final class Constraints {
  private final Map<String, List<Key>> keys = new HashMap<>();
  private final List<Pointer> pointers = new ArrayList<>();

  private Constraints() {}

  /** From the rows of {@link org.ropebridge.sql.SurveySql#CONSTRAINTS}. */
  static Constraints of(List<List<Object>> rows) {
    Constraints all = new Constraints();
    for (List<Object> row : rows) {
      String table = row.get(1) + "." + row.get(2);
      List<String> columns = List.of(row.get(3).toString().split(","));
      if (!row.get(0).equals("f")) {
        Key key = new Key(columns, Proof.DECLARED);
        List<Key> known = all.keys.computeIfAbsent(table, t -> new ArrayList<>());
        // The primary key comes first among those of the same length.
        known.add(row.get(0).equals("p") ? 0 : known.size(), key);
      } else if (columns.size() == 1) {
        all.pointers.add(
            new Pointer(
                table,
                columns.get(0),
                row.get(4) + "." + row.get(5),
                row.get(6).toString(),
                true,
                1));
      }
    }
    all.keys.values().forEach(l -> l.sort(Comparator.comparing(k -> k.columns().size())));
    return all;
  }

  List<Key> keysOf(String table) {
    return keys.getOrDefault(table, List.of());
  }

  List<Pointer> pointersOf(String table) {
    return pointers.stream().filter(p -> p.table().equals(table)).toList();
  }
}
