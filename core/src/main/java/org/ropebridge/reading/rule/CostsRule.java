package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "what does the big tariff cost" [cost] -> the price of the rows that are named */
final class CostsRule extends Rule {
  CostsRule() {
    super(Slot.word(Role.COSTS));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Costs());
  }
}
