package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "where is occupancy lowest" [where] [be] [measure] [highest] -> the nearest kind of place that
 * has the highest
 */
final class WhereHighestRule extends Rule {
  WhereHighestRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.word(Role.AUXILIARY, Role.BE, Role.HAVE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()),
        Slot.a(Part.class, Rankings::isEnd));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure by = match.get(2, Contribution.Measures.class).measures().get(0);
    Places.ranked(by, Rankings.direction(match.get(3, Part.class)), scope).ifPresent(out);
  }
}
