package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/** "sorted by altitude descending" [sorted by] [column] [direction] -> rows in that order */
final class RowsSortedRule extends Rule {
  RowsSortedRule() {
    super(
        Slot.word(Role.SORTED),
        Slot.a(Part.class, Columns::isColumn),
        Slot.a(Meaning.DirectionWord.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> column = Columns.of(match.get(1, Part.class), scope);
    boolean descending =
        match
            .find(2, Meaning.DirectionWord.class)
            .map(Meaning.DirectionWord::descending)
            .orElse(false);
    column.ifPresent(
        c ->
            out.accept(
                new Contribution.FirstRows(new Listing.Order(c, descending), Optional.empty())));
  }
}
