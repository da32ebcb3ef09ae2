package org.ropebridge.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.ModelReader;

/** A made-up model as large as reading must bear: the same on every run. */
final class BigModel {
  private static final int TABLES = 25;
  private static final int COLUMNS = 20;
  private static final int METRICS = 150;
  private static final int CATEGORIES_WITH_VALUES = 20;
  private static final int VALUES_OF_ONE = 50_000;
  private static final int FEW_ROWS = 1_000;
  private static final String[] SYLLABLES = {
    "ba", "ce", "di", "fo", "gu", "ha", "je", "ki", "lo", "mu", "na", "pe", "ri", "so", "tu", "va",
    "we", "xi", "yo", "zu", "bran", "cled", "drim", "flon", "grus"
  };

  private final Random random = new Random(7);
  private final Map<String, Boolean> used = new HashMap<>();

  /** A word that was not made before. */
  private String word(int syllables) {
    for (int tries = 0; ; tries++) {
      StringBuilder word = new StringBuilder();
      for (int i = 0; i < syllables + tries / 20; i++) {
        word.append(SYLLABLES[random.nextInt(SYLLABLES.length)]);
      }
      if (used.putIfAbsent(word.toString(), true) == null) {
        return word.toString();
      }
    }
  }

  Model model() {
    ModelReader.Result result = ModelReader.read(files(TABLES));
    return result.model().orElseThrow(() -> new IllegalStateException(result.faults().toString()));
  }

  /**
   * The model's files, with so many tables of twenty columns each, of no warehouse that there is.
   */
  Map<String, String> files(int tables) {
    return files(tables, "s");
  }

  /** The same, of tables in the schema {@code big} of a source. */
  Map<String, String> files(int tables, String source) {
    Map<String, String> files = new TreeMap<>();
    files.put(
        "model.yaml",
        "model: big\ntitle: Big\nlanguages: [en]\ncalendar:\n  today: 2026-06-30\n"
            + "sources:\n  "
            + source
            + ": {kind: postgresql}\n");
    StringBuilder metrics = new StringBuilder("metrics:\n");
    for (int t = 0; t < tables; t++) {
      files.put("tables/t" + t + ".yaml", table(t, source));
    }
    for (int m = 0; m < METRICS; m++) {
      metrics.append(
          "  "
              + word(3)
              + ":\n    table: t"
              + m % tables
              + "\n    sql: sum(n"
              + m % 9
              + ")\n    also_called: ["
              + word(3)
              + " "
              + word(2)
              + ", "
              + word(4)
              + "]\n");
    }
    files.put("metrics.yaml", metrics.toString());
    return files;
  }

  private String table(int t, String source) {
    StringBuilder text = new StringBuilder();
    text.append(
        "table: t" + t + "\nsource: " + source + "\nfrom: big.t" + t + "\none_row_is: " + word(3));
    text.append("\nalso_called: [" + word(3) + ", " + word(3) + "]\nkey: k\nmain_date: d\n");
    text.append("known_by: c0\ncolumns:\n  d: {holds: date, label: " + word(3) + " date}\n");
    for (int c = 0; c < COLUMNS; c++) {
      boolean number = c >= 10;
      text.append(
          "  "
              + (number ? "n" + (c - 10) : "c" + c)
              + ": {holds: "
              + (number ? "number, adds_up: sum" : "category")
              + ", label: "
              + word(3)
              + " "
              + word(2)
              + ", also_called: ["
              + word(4)
              + ", "
              + word(3)
              + " "
              + word(3)
              + ", "
              + word(4)
              + "]}\n");
    }
    if (t > 0) {
      text.append("links:\n  up: {to: t" + (t - 1) / 2 + ", by: up_id, label: " + word(4) + "}\n");
    }
    return text.toString();
  }

  /**
   * Statements that make and fill the tables: a million values, 50,000 in one column of each of
   * twenty tables.
   */
  String tables(String reader) {
    StringBuilder sql =
        new StringBuilder("drop schema if exists big cascade;\ncreate schema big;\n");
    String syllables = "(array['" + String.join("','", SYLLABLES) + "'])";
    for (int t = 0; t < TABLES; t++) {
      int rows = t < CATEGORIES_WITH_VALUES ? VALUES_OF_ONE : FEW_ROWS;
      sql.append("create table big.t" + t + " as select i as k, date '2024-01-01' + i % 900 as d");
      for (int c = 0; c < COLUMNS / 2; c++) {
        boolean valued = t < CATEGORIES_WITH_VALUES && c == t % 10;
        sql.append(", ");
        for (int n = 0; valued && n < 5; n++) {
          sql.append(
              syllables + "[1 + (i::bigint * " + (7919 + 104729 * n + 31 * t) + " / 13) % 25] || ");
          sql.append(n == 2 || n == 4 ? "' ' || " : "");
        }
        sql.append(valued ? "i" : "'v' || i % " + (5 + c)).append(" as c" + c);
      }
      for (int n = 0; n < COLUMNS / 2; n++) {
        sql.append(", i % " + (100 + n) + " as n" + n);
      }
      sql.append(", 1 + i % " + FEW_ROWS + " as up_id from generate_series(1, " + rows + ") i;\n");
      sql.append("alter table big.t" + t + " add primary key (k);\n");
    }
    return sql
        + "grant usage on schema big to "
        + reader
        + ";\ngrant select on all tables in schema big to "
        + reader
        + ";\nanalyze;\n";
  }

  /** As many distinct values, spread over the categories of all tables. */
  ValueIndex values(int count) {
    Map<ColumnRef, List<String>> values = new HashMap<>();
    for (int i = 0; i < CATEGORIES_WITH_VALUES; i++) {
      List<String> own = new ArrayList<>();
      for (int v = 0; v < count / CATEGORIES_WITH_VALUES; v++) {
        own.add(
            SYLLABLES[random.nextInt(25)]
                + SYLLABLES[random.nextInt(25)]
                + SYLLABLES[random.nextInt(25)]
                + " "
                + SYLLABLES[random.nextInt(25)]
                + SYLLABLES[random.nextInt(25)]
                + " "
                + v);
      }
      values.put(ColumnRef.of("t" + i % TABLES, "c" + i % 10), own);
    }
    return new ValueIndex(values);
  }
}
