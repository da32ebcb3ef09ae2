package org.ropebridge.sql;

import org.ropebridge.access.Access;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Restatement;

/** What every part of a statement is written on: a person's view of a model, and a database. */
record Ground(
    Access access,
    Guarantees guarantees,
    LinkPaths paths,
    PeriodResolver periods,
    Restatement restatement,
    Dialect dialect) {
  Model model() {
    return access.model();
  }

  Ground withoutGroupSizes() {
    return new Ground(access.withoutGroupSizes(), guarantees, paths, periods, restatement, dialect);
  }

  Scan scan(String table) {
    return new Scan(table, access, guarantees, paths);
  }
}
