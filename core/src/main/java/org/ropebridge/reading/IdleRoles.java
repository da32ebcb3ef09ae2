package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Way;
import org.ropebridge.model.Model;
import org.ropebridge.plan.ColumnMapping;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Naming;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Scope;

/** Leaves out roles that change nothing, so that one meaning has one plan. */
final class IdleRoles {
  private final Model model;
  private final LinkPaths paths;

  IdleRoles(Scope scope) {
    this.model = scope.model();
    this.paths = scope.paths();
  }

  Plan leftOut(Plan plan) {
    Set<String> bases = MeasureTables.of(plan, model);
    return new ColumnMapping(c -> withoutIdleRole(c, bases, plan), rows -> rows).of(plan);
  }

  /** Whether the column is called just by its role: "captain". That is what people said. */
  private boolean namesRole(ColumnRef ref) {
    Link link = model.linkOfRole(ref.role().orElseThrow());
    return model.namesItsTable(ref) && link.to().equals(ref.table()) && Naming.isNamed(link, model);
  }

  private ColumnRef withoutIdleRole(ColumnRef ref, Set<String> bases, Plan plan) {
    if (ref.role().isEmpty()) {
      return ref;
    }
    boolean plainToo = plan.groupings().contains(new Grouping.ByColumn(ref.withoutRole()));
    if (!plainToo && namesRole(ref)) {
      return ref;
    }
    for (String base : bases) {
      List<Way> plain = paths.shortest(base, ref.table(), Optional.empty());
      List<Way> named = paths.shortest(base, ref.table(), ref.role());
      if (plain.size() != 1 || !plain.equals(named)) {
        return ref;
      }
    }
    return ref.withoutRole();
  }
}
