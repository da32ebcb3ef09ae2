package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "per guest night" [per] [measure] -> what is asked for divided by it */
final class PerAloneRule extends Rule {
  PerAloneRule() {
    super(Slot.word(Role.PER), Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure by = match.get(1, Contribution.Measures.class).measures().get(0);
    if (by instanceof Measure.Plain divisor && !(divisor instanceof Measure.Arithmetic)) {
      out.accept(new Contribution.DividedBy(divisor));
    }
  }
}
