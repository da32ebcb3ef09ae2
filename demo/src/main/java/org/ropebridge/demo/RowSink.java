package org.ropebridge.demo;

import java.util.List;

/** Takes generated rows, one table after another. */
public interface RowSink {
  /**
   * Begins a table; rows that follow belong to it.
   *
   * @param table {@code schema.table}
   */
  void table(String table, List<String> columns);

  /** Takes a row; values in the order of the columns, null for a missing value. */
  void row(Object... values);
}
