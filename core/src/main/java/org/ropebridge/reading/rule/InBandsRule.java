package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/**
 * "altitude in bands from 1000, 2000 and 2500" [number column] [in bands from] [numbers] -> ranges
 * to group by
 */
final class InBandsRule extends Rule {
  InBandsRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.IN_BANDS), Slot.a(Phrase.Numbers.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    List<BigDecimal> edges =
        match.get(2, Phrase.Numbers.class).numbers().stream().distinct().sorted().toList();
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(new Phrase.Groupable(new Grouping.ByBands(column, edges)));
    }
  }
}
