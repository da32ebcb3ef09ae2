package org.ropebridge.sql;

import java.util.HashSet;
import java.util.Set;
import org.ropebridge.model.ColumnRef;

/**
 * What the warehouse promises by its constraints, beyond what a model says. Statements leave out
 * joins that cannot matter where these hold; without them they are longer, and give the same.
 *
 * @param soundLinks links as {@code table.link} whose pointers, where there are any, always lead to
 *     a row
 * @param neverMissing columns that always have a value
 */
public record Guarantees(Set<String> soundLinks, Set<ColumnRef> neverMissing) {
  /** No promise at all. */
  public static final Guarantees NONE = new Guarantees(Set.of(), Set.of());

  public Guarantees {
    soundLinks = Set.copyOf(soundLinks);
    neverMissing = Set.copyOf(neverMissing);
  }

  /** What either promises. */
  public Guarantees and(Guarantees other) {
    Set<String> links = new HashSet<>(soundLinks);
    links.addAll(other.soundLinks());
    Set<ColumnRef> columns = new HashSet<>(neverMissing);
    columns.addAll(other.neverMissing());
    return new Guarantees(links, columns);
  }
}
