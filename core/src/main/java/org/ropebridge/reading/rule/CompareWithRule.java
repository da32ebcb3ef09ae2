package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "compare winter 2025 with winter 2024", "growth over last year" [with] [period] -> every measure
 * beside its value then, if "compare" or a change is said
 */
final class CompareWithRule extends Rule {
  CompareWithRule() {
    super(Slot.word(Role.WITH, Role.TO, Role.AND, Role.OVER), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.With with =
        match.isWord(0, Role.OVER) ? Contribution.With.CHANGE : Contribution.With.COMPARE;
    out.accept(new Contribution.VersusTime(match.get(1, Phrase.Time.class), with));
  }
}
