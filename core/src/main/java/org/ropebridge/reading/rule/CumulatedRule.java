package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "revenue by month as a running total" [cumulated] -> measures are summed up so far */
final class CumulatedRule extends Rule {
  CumulatedRule() {
    super(Slot.word(Role.CUMULATED));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() > 0) {
      out.accept(new Contribution.Cumulated());
    }
  }
}
