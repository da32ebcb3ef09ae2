package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "budget left", "remaining budget" [left] [metric that says what another is to be] [left] -> the
 * one minus the other
 */
final class TargetLeftRule extends Rule {
  TargetLeftRule() {
    super(
        Slot.word(Role.LEFT_OVER).maybe(),
        Slot.a(Meaning.MetricName.class),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.LEFT_OVER).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) != match.has(3)) {
      scope
          .target(match.get(1, Meaning.MetricName.class).metric())
          .ifPresent(target -> out.accept(Contribution.Measures.of(target.measureLeft())));
    }
  }
}
