package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "compare winter 2025 with winter 2024" [with] [period] -> every measure beside its value then, if
 * "compare" is said
 */
final class CompareWithRule extends Rule {
  CompareWithRule() {
    super(Slot.word(Role.WITH, Role.TO, Role.AND), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.VersusTime(match.get(1, Phrase.Time.class), true));
  }
}
