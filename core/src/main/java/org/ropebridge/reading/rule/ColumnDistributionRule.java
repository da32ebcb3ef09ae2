package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "party size distribution" [column] [distribution] -> rows by each value */
final class ColumnDistributionRule extends Rule {
  ColumnDistributionRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.DISTRIBUTION));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.adjoins(1)) {
      DistributionRule.of(match.get(0, Meaning.ColumnName.class).column(), scope).ifPresent(out);
    }
  }
}
