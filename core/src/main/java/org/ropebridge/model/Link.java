package org.ropebridge.model;

import java.util.List;

/**
 * How each row of a table points to at most one row of another; the name is the role it plays.
 *
 * @param name identifier and role
 * @param label what people call the role
 * @param to name of the table pointed to
 * @param by column of this table that holds the other table's key
 * @param mayBeMissing whether a row may point nowhere
 * @param alsoCalled synonyms of the role
 */
public record Link(
    String name,
    String label,
    String to,
    String by,
    boolean mayBeMissing,
    List<String> alsoCalled) {
  public Link {
    alsoCalled = List.copyOf(alsoCalled);
  }
}
