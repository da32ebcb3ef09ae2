package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "revenue by month vs guest nights" [versus] [measure] -> it beside the others */
final class VersusMeasureRule extends Rule {
  VersusMeasureRule() {
    super(Slot.word(Role.VERSUS), Slot.a(Contribution.Measures.class, m -> !m.bare()));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() > 0) {
      out.accept(match.get(1, Contribution.Measures.class));
    }
  }
}
