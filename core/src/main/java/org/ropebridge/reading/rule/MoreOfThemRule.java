package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "show more" [more rows] -> twice as many rows */
final class MoreOfThemRule extends Rule {
  MoreOfThemRule() {
    super(Slot.word(Role.MORE_ROWS));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.MoreRows());
  }
}
