package org.ropebridge.sql;

import java.util.List;
import org.jooq.DSLContext;
import org.ropebridge.access.Access;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.Restatement;

/**
 * Writes the SQL of a plan: one block of aggregation for each base table and date, the blocks laid
 * under each other and folded by the groupings that they share, ratios on top, then ranking, empty
 * periods and order. No block joins along a one-to-many link, so nothing is counted twice.
 */
public final class SqlWriter {

  private final Ground ground;
  private final PlanCheck check;
  private final DSLContext render;

  /** Makes a writer for one person, on a warehouse that promises nothing. */
  public SqlWriter(Access access, PeriodResolver periods, Restatement restatement) {
    this(access, periods, restatement, Guarantees.NONE);
  }

  /**
   * Makes a writer for one person.
   *
   * @param restatement gives the headings
   * @param guarantees what the warehouse promises
   */
  public SqlWriter(
      Access access, PeriodResolver periods, Restatement restatement, Guarantees guarantees) {
    Dialect dialect = new PostgresDialect();
    this.ground =
        new Ground(
            access,
            guarantees,
            new LinkPaths(access.model()),
            periods,
            restatement,
            dialect,
            access.model().preferences().rowsShown());
    this.check = new PlanCheck(access.visible(), new LinkPaths(access.visible()));
    this.render = Rendering.of(dialect);
  }

  /**
   * Writes the plan's SQL.
   *
   * @throws IllegalArgumentException if the plan has faults on what the person may see
   * @throws NotAllowed if it lists rows that the person may see in groups only
   */
  public SqlQuery write(Plan plan) {
    return write(plan, ground);
  }

  /**
   * Writes the plan's SQL for more rows than are shown.
   *
   * @param rowLimit most rows of the answer, at least 1
   * @throws IllegalArgumentException if the plan has faults on what the person may see
   * @throws NotAllowed if it lists rows that the person may see in groups only
   */
  public SqlQuery write(Plan plan, int rowLimit) {
    return write(plan, ground.withRowLimit(rowLimit));
  }

  private SqlQuery write(Plan plan, Ground on) {
    List<PlanCheck.Fault> faults = check.faults(plan);
    if (!faults.isEmpty()) {
      throw new IllegalArgumentException(faults.get(0).message());
    }
    GroupSizes sizes = new GroupSizes(on);
    if (sizes.areHeld()) {
      sizes.check(plan);
    }
    Ctes ctes = new Ctes();
    return plan.listing().isPresent()
        ? new ListingSql(plan, on, ctes).write(render)
        : new PlanSql(plan, on, ctes, Shift.NONE).write(render);
  }
}
