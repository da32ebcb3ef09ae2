package org.ropebridge.reference;

import java.util.Map;

/** One row of a table in memory; a missing value is null. */
record Row(String table, Map<String, Object> cells) {
  Object get(String column) {
    if (!cells.containsKey(column)) {
      throw new IllegalArgumentException("no column " + column + " in " + table);
    }
    return cells.get(column);
  }
}
