package org.ropebridge.model;

import java.util.Optional;

/**
 * Points at a column of the model, and where several ways lead to its table, at the role to take.
 *
 * @param table name of the table that has the column
 * @param column name of the column
 * @param role {@code table.link} that the way must go through; empty when the shortest way is the
 *     only one
 */
public record ColumnRef(String table, String column, Optional<String> role) {

  public static ColumnRef of(String table, String column) {
    return new ColumnRef(table, column, Optional.empty());
  }

  public ColumnRef withRole(String newRole) {
    return new ColumnRef(table, column, Optional.of(newRole));
  }

  public ColumnRef withoutRole() {
    return of(table, column);
  }

  @Override
  public String toString() {
    return table + "." + column + role.map(r -> " via " + r).orElse("");
  }
}
