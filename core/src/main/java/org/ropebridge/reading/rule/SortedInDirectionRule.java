package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Listing;

/** "sorted by descending altitude" [sorted by] [direction] [column] -> rows in that order */
final class SortedInDirectionRule extends Rule {
  SortedInDirectionRule() {
    super(
        Slot.word(Role.SORTED),
        Slot.a(Meaning.DirectionWord.class),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.FirstRows(
            new Listing.Order(
                match.get(2, Meaning.ColumnName.class).column(),
                match.get(1, Meaning.DirectionWord.class).descending()),
            Optional.empty()));
  }
}
