package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "first 10 by altitude descending" [first] [number] [by] [column] [direction] -> so many rows in
 * that order
 */
final class FirstRowsRule extends Rule {
  FirstRowsRule() {
    super(
        Slot.word(Role.FIRST),
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.BY),
        Slot.a(Part.class, Columns::isColumn),
        Slot.a(Meaning.DirectionWord.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> column = Columns.of(match.get(3, Part.class), scope);
    int count = Times.smallWhole(match.get(1, Meaning.NumberWord.class).number());
    if (column.isPresent() && count >= 1) {
      boolean descending = match.get(4, Meaning.DirectionWord.class).descending();
      out.accept(
          new Contribution.FirstRows(
              new Listing.Order(column.get(), descending), Optional.of(count)));
    }
  }
}
