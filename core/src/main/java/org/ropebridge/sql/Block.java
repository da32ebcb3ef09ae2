package org.ropebridge.sql;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Table;
import org.ropebridge.plan.Grouping;

/**
 * Rows that aggregates are computed over. Callers ask for fields first and for the rows last,
 * because fields may join more tables.
 */
interface Block {
  /** What the block is about, to name it by. */
  String name();

  /** A grouping of the plan over the block's rows. */
  Field<?> group(Grouping grouping);

  /** What tells the rows of a naming column apart. */
  Field<?> key(Grouping.ByColumn grouping);

  /** The same without looking at the named row, where that gives the same; empty elsewhere. */
  default Optional<Field<?>> soundKey(Grouping.ByColumn grouping) {
    return Optional.empty();
  }

  /** These are all that the block computes, and over one group. */
  default void computeOnly(Set<Leaf> leaves) {}

  Field<?> aggregate(Leaf leaf);

  Condition where();

  Table<?> from();

  /** The groupings that rows are put under. */
  default List<Field<?>> groups(List<Grouping> groupings) {
    return groupings.stream().<Field<?>>map(this::group).toList();
  }
}
