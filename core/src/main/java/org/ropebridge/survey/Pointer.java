package org.ropebridge.survey;

/**
 * A column whose values are keys of another table.
 *
 * @param table {@code schema.table} of the column
 * @param to {@code schema.table} pointed at
 * @param key the column pointed at
 * @param declared whether the warehouse holds its rows to it
 * @param share of the distinct values looked for that are keys there, from 0 to 1; 1 when declared
 */
public record Pointer(
    String table, String column, String to, String key, boolean declared, double share) {

  /** Whether rows of a table point at rows of the same table. */
  public boolean staysWithinTable() {
    return table.equals(to);
  }
}
