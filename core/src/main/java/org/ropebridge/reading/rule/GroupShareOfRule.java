package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/** "hut share of revenue" [something to group by] [share] [measure] -> what part of it each has */
final class GroupShareOfRule extends Rule {
  GroupShareOfRule() {
    super(
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn),
        Slot.word(Role.SHARE),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain of = Operands.of(match.get(2, Part.class));
    Grouping.ByColumn by = (Grouping.ByColumn) match.get(0, Phrase.Groupable.class).grouping();
    boolean parts = !scope.holds(by.column(), Column.Holds.YES_NO);
    if (parts && match.adjoins(1) && MeasureTables.addsUp(of, scope.model())) {
      out.accept(new Contribution.Ordered(by, List.of(new Measure.Share(of, Optional.empty()))));
    }
  }
}
