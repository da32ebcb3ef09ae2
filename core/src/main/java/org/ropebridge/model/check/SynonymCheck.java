package org.ropebridge.model.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.Places;

/**
 * Finds words that two items claim. Columns of different tables may share a word, since the rest of
 * a question tells them apart; anything else cannot be told apart unless the author prefers one.
 */
final class SynonymCheck {
  private final Map<String, List<Claim>> claims = new LinkedHashMap<>();

  /** A word that an item goes by. */
  private record Claim(String item, String path, boolean column) {}

  static List<Fault> faults(Model model, Places places) {
    SynonymCheck check = new SynonymCheck();
    for (Metric metric : model.metrics()) {
      String path = "metrics-file/metrics/" + metric.name();
      check.claim(metric.label(), metric.alsoCalled(), "metric " + metric.name(), path, false);
    }
    for (Table table : model.tables()) {
      String path = "tables/" + table.name();
      check.claim(table.rowNoun(), table.alsoCalled(), "table " + table.name(), path, false);
      for (Column column : table.columns()) {
        String kind = column.sql().isPresent() ? "/computed/" : "/columns/";
        check.claim(
            column.label(),
            column.alsoCalled(),
            "column " + table.name() + "." + column.name(),
            path + kind + column.name(),
            true);
      }
      for (Condition condition : table.conditions()) {
        check.claim(
            condition.label(),
            condition.alsoCalled(),
            "condition " + table.name() + "." + condition.name(),
            path + "/conditions/" + condition.name(),
            false);
      }
    }
    return check.clashes(model.preferences().meanings().keySet(), places);
  }

  private void claim(
      String label, List<String> synonyms, String item, String path, boolean column) {
    put(label, new Claim(item, path, column));
    for (int i = 0; i < synonyms.size(); i++) {
      put(synonyms.get(i), new Claim(item, path + "/also_called/" + i, column));
    }
  }

  private void put(String word, Claim claim) {
    claims.computeIfAbsent(word.toLowerCase(Locale.ROOT), w -> new ArrayList<>()).add(claim);
  }

  private List<Fault> clashes(Set<String> settled, Places places) {
    List<Fault> faults = new ArrayList<>();
    claims.forEach(
        (word, claimed) -> {
          Claim first = claimed.get(0);
          for (Claim other : claimed.subList(1, claimed.size())) {
            boolean sameItem = other.item().equals(first.item());
            boolean twoTables = first.column() && other.column() && !sameTable(first, other);
            if (!sameItem && !twoTables && !settled.contains(word)) {
              faults.add(
                  Fault.error(
                      places.of(other.path()),
                      "\"" + word + "\" is claimed by " + first.item() + " and " + other.item(),
                      "take it from one of them, or settle it under preferences: meanings: in"
                          + " model.yaml"));
            }
          }
        });
    return faults;
  }

  private static boolean sameTable(Claim a, Claim b) {
    return a.path().split("/")[1].equals(b.path().split("/")[1]);
  }
}
