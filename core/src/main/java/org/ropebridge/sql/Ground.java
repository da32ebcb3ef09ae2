package org.ropebridge.sql;

import org.ropebridge.access.Access;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Restatement;

/**
 * What every part of a statement is written on: a person's view of a model, and a database.
 *
 * @param rowLimit most rows that the answer shows
 */
record Ground(
    Access access,
    Guarantees guarantees,
    LinkPaths paths,
    PeriodResolver periods,
    Restatement restatement,
    Dialect dialect,
    int rowLimit) {
  Model model() {
    return access.model();
  }

  Ground withoutGroupSizes() {
    return new Ground(
        access.withoutGroupSizes(), guarantees, paths, periods, restatement, dialect, rowLimit);
  }

  Ground withRowLimit(int limit) {
    return new Ground(access, guarantees, paths, periods, restatement, dialect, limit);
  }

  Scan scan(String table) {
    return new Scan(table, access, guarantees, paths, periods.today());
  }
}
