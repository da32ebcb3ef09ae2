package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/** "who works in Dunsel" [who] [works] -> the people who work here, and have not left */
final class WhoWorksRule extends Rule {
  WhoWorksRule() {
    super(Slot.word(Role.WHO), Slot.word(Role.WORK, Role.STILL_HERE));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() > 0) {
      return;
    }
    for (ColumnRef worker : scope.workers()) {
      List<Contribution> parts = new ArrayList<>();
      parts.add(new Contribution.Subject(new Grouping.ByColumn(worker), false));
      scope.stillHere(worker.table()).map(Contribution.Narrowing::new).ifPresent(parts::add);
      out.accept(new Contribution.Together(parts));
    }
  }
}
