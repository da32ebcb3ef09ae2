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

  /** The model's files, with so many tables of twenty columns each. */
  Map<String, String> files(int tables) {
    Map<String, String> files = new TreeMap<>();
    files.put(
        "model.yaml",
        "model: big\ntitle: Big\nlanguages: [en]\ncalendar:\n  today: 2026-06-30\n"
            + "sources:\n  s: {kind: postgresql}\n");
    StringBuilder metrics = new StringBuilder("metrics:\n");
    for (int t = 0; t < tables; t++) {
      files.put("tables/t" + t + ".yaml", table(t));
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

  private String table(int t) {
    StringBuilder text = new StringBuilder();
    text.append("table: t" + t + "\nsource: s\nfrom: big.t" + t + "\none_row_is: " + word(3));
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
