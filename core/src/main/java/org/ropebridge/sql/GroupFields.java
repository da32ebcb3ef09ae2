package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;

/** Groupings as fields over the rows of a scan. */
final class GroupFields {
  private final Ground ground;
  private final Optional<ColumnRef> ownDate;
  private final Shift shift;

  /**
   * Makes fields for the rows of one block.
   *
   * @param ownDate the date that a grouping by time means when it names none
   */
  GroupFields(Ground ground, Optional<ColumnRef> ownDate, Shift shift) {
    this.ground = ground;
    this.ownDate = ownDate;
    this.shift = shift;
  }

  Field<?> of(Grouping grouping, Scan scan) {
    if (grouping instanceof Grouping.ByColumn by) {
      return scan.column(by.column());
    } else if (grouping instanceof Grouping.ByTime time) {
      Field<?> date = scan.column(time.date().or(() -> ownDate).orElseThrow());
      boolean moved = time.unit().isStretch() && shift.back().isPresent();
      return ground
          .dialect()
          .bucket(
              time.unit(),
              moved ? ground.dialect().later(date, shift.back().get()) : date,
              ground.model().calendar());
    } else if (grouping instanceof Grouping.BySteps by) {
      return DSL.field(
          "floor({0} / {1}) * {1}", Object.class, scan.column(by.column()), inline(by.width()));
    } else if (grouping instanceof Grouping.ByBands by) {
      return bands(by, scan.column(by.column()));
    } else if (grouping instanceof Grouping.ByWords by) {
      return words(by, scan.column(by.column()));
    }
    Grouping.ByCondition by = (Grouping.ByCondition) grouping;
    return DSL.field(
        "({0}) is true", Boolean.class, RowFilters.meets(by.table(), by.condition(), scan, ground));
  }

  /** The lower edge of the band; a value below all edges has the lowest band, without an edge. */
  private static Field<?> bands(Grouping.ByBands by, Field<?> column) {
    Field<?> cases = null;
    List<BigDecimal> edges = by.edges();
    for (int i = edges.size() - 1; i >= 0; i--) {
      Field<?> branch =
          DSL.field(
              "when {0} >= {1} then {2}",
              Object.class, column, inline(edges.get(i)), inline(Bands.label(edges, i)));
      cases = cases == null ? branch : DSL.field("{0} {1}", Object.class, cases, branch);
    }
    return DSL.field(
        "case {0} when {1} < {2} then {3} end",
        Object.class, cases, column, inline(edges.get(0)), inline(Bands.label(edges, -1)));
  }

  private Field<?> words(Grouping.ByWords by, Field<?> column) {
    Field<?> cases = null;
    for (String word : by.words()) {
      Condition has =
          ground
              .dialect()
              .matches(column, inline(ground.dialect().pattern(Filter.Where.ANYWHERE, word)));
      Field<?> branch = DSL.field("when {0} then {1}", Object.class, has, inline(word));
      cases = cases == null ? branch : DSL.field("{0} {1}", Object.class, cases, branch);
    }
    return DSL.field("case {0} else {1} end", Object.class, cases, inline("other"));
  }
}
