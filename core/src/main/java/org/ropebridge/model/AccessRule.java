package org.ropebridge.model;

import java.util.List;
import java.util.Optional;

/**
 * What a role may see.
 *
 * @param role the role it limits; {@code everyone} limits all
 * @param rows only these rows of a table
 * @param hide columns ({@code table.column}) and metrics that stay unseen
 * @param groups how large groups must be at least to be shown
 */
public record AccessRule(
    String role, Optional<RowRule> rows, List<String> hide, Optional<GroupRule> groups) {
  public static final String EVERYONE = "everyone";

  public AccessRule {
    hide = List.copyOf(hide);
  }

  /**
   * Rows of a table that may be seen.
   *
   * @param sql expression over the table's columns; {@code :person.name} stands for an attribute of
   *     the person who asks
   */
  public record RowRule(String table, String sql) {}

  /**
   * Numbers are shown only for groups with so many rows of a table behind them.
   *
   * @param atLeast 2 or more
   */
  public record GroupRule(String table, int atLeast) {}
}
