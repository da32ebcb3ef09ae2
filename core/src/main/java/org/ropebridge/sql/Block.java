package org.ropebridge.sql;

import java.util.List;
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

  Field<?> aggregate(Leaf leaf);

  Condition where();

  Table<?> from();

  /** The groupings that rows are put under. */
  default List<Field<?>> groups(List<Grouping> groupings) {
    return groupings.stream().<Field<?>>map(this::group).toList();
  }
}
