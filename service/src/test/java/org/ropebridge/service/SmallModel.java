package org.ropebridge.service;

import java.util.Map;

/** A model of one table that counts up: as much work for a database as one likes. */
final class SmallModel {
  private SmallModel() {}

  /** The files of a model whose table has so many rows. */
  static Map<String, String> files(String name, String source, long rows) {
    return Map.of(
        "model.yaml",
        """
        model: %s
        title: Numbers
        sources:
          %s: {kind: postgresql}
        """
            .formatted(name, source),
        "tables/numbers.yaml",
        """
        table: numbers
        source: %s
        query: select n from generate_series(1, %d) as g(n)
        one_row_is: number
        key: n
        columns:
          n: {holds: number, label: size, adds_up: sum}
        """
            .formatted(source, rows));
  }
}
