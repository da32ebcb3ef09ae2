package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "compare Ossel and Brannick" [compare] -> what is named is put side by side */
final class ComparisonRule extends Rule {
  ComparisonRule() {
    super(Slot.word(Role.COMPARE));
  }

  @Override
  public double bonus() {
    return -0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.SideBySide());
  }
}
