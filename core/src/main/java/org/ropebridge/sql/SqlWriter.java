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

  private final Access access;
  private final LinkPaths paths;
  private final PeriodResolver periods;
  private final Restatement restatement;
  private final Dialect dialect = new PostgresDialect();
  private final DSLContext render;

  /**
   * Makes a writer for one person.
   *
   * @param restatement gives the headings
   */
  public SqlWriter(Access access, PeriodResolver periods, Restatement restatement) {
    this.access = access;
    this.paths = new LinkPaths(access.model());
    this.periods = periods;
    this.restatement = restatement;
    this.render = Rendering.of(dialect);
  }

  /**
   * Writes the plan's SQL.
   *
   * @throws IllegalArgumentException if the plan has faults on what the person may see
   */
  public SqlQuery write(Plan plan) {
    List<PlanCheck.Fault> faults =
        new PlanCheck(access.visible(), new LinkPaths(access.visible())).faults(plan);
    if (!faults.isEmpty()) {
      throw new IllegalArgumentException(faults.get(0).message());
    }
    return new Statement(plan, access, paths, periods, restatement, dialect).write(render);
  }
}
