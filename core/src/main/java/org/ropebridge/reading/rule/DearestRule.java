package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "the 5 most expensive repairs", of what a column is the cost [number] [dearest, or biggest]
 * [number] [what it is the cost of] -> the rows at that end of the column
 */
final class DearestRule extends Rule {
  DearestRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(
            Meaning.SuperlativeWord.class,
            s -> s.isOfAnything() || s.dimension().equals(Dimensions.MONEY)),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.CostOf.class, c -> c.item() instanceof Meaning.ColumnName));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef cost = ((Meaning.ColumnName) match.get(3, Meaning.CostOf.class).item()).column();
    int count = Rankings.wanted(match, match.has(0) ? 0 : 2, 3);
    boolean most = match.get(1, Meaning.SuperlativeWord.class).most();
    if (count > 0 && !(match.has(0) && match.has(2)) && cost.role().isEmpty()) {
      out.accept(new Contribution.EndRows(cost.table(), new Listing.Order(cost, most), count));
    }
  }
}
