package org.ropebridge.sql;

import java.util.List;
import java.util.Optional;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * Counts what another plan finds where it stands, instead of looking each one up in its table
 * first: every key that was found is that of a row, where the warehouse promises so.
 *
 * <pre>
 * number of members among (members with more than 3 stays)
 *   count(*) from members where key in (found)   ->   count(*) from found
 * </pre>
 */
final class CountOfFound {
  private CountOfFound() {}

  /** The count; empty for any other plan, and where nothing promises that it is the same. */
  static Optional<Select<?>> of(Plan plan, Ground ground, Headings headings) {
    return found(plan, ground)
        .flatMap(
            found -> {
              Ctes ctes = new Ctes();
              PlanSql inner = new PlanSql(found, ground, ctes, Shift.NONE);
              Select<?> keys = inner.identified();
              if (!inner.findsRows()) {
                return Optional.empty();
              }
              Measure.RowCount count = (Measure.RowCount) plan.measures().get(0);
              String wanted = "chosen " + ground.model().table(count.table()).rowNounPlural();
              String source = ctes.add(wanted, keys);
              return Optional.of(
                  DSL.with(ctes.all())
                      .select(DSL.count().as(Names.of(headings.of(count))))
                      .from(Names.of(source)));
            });
  }

  /** The plan whose groups are counted, if that is all that is done. */
  private static Optional<Plan> found(Plan plan, Ground ground) {
    boolean oneOfEach = plan.measures().size() == 1 && plan.filters().size() == 1;
    if (!oneOfEach
        || !(plan.measures().get(0) instanceof Measure.RowCount count)
        || !(plan.filters().get(0) instanceof Filter.Among among)
        || !plan.equals(Plan.of(count, List.of(), plan.filters()))) {
      return Optional.empty();
    }
    boolean ofItsRows =
        ground.model().isKnownBy(among.column())
            && among.column().table().equals(count.table())
            && among.column().role().isEmpty();
    boolean ofGroups = among.plan().listing().isEmpty() && among.plan().groupings().size() == 1;
    return ofItsRows && ofGroups && !among.negated() ? Optional.of(among.plan()) : Optional.empty();
  }
}
