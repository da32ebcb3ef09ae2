package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "top 5 huts by number of cancelled stays" [ranking] [by how many such rows] -> the ranking by
 * their number
 */
final class RankedByCountOfSomeRule extends Rule {
  RankedByCountOfSomeRule() {
    super(Slot.a(Contribution.Ranked.class, r -> r.by().isEmpty()), Slot.a(Phrase.SomeRows.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.SomeRows some = match.get(1, Phrase.SomeRows.class);
    out.accept(
        some.with(match.get(0, Contribution.Ranked.class).by(new Measure.RowCount(some.table()))));
  }
}
