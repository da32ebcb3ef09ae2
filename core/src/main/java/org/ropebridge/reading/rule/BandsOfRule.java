package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/**
 * "party size 1-2, 3-5, over 5", "altitude bands 1000-1999, 2000-2499, over 2500" [number column]
 * [ranges] -> ranges to group by
 */
final class BandsOfRule extends Rule {
  BandsOfRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.IN_BANDS).maybe(),
        Slot.a(Phrase.Ranges.class, r -> r.edges().size() > 2));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Phrase.Groupable(
              new Grouping.ByBands(column, match.get(2, Phrase.Ranges.class).edges())));
    }
  }
}
