package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Listing;

/**
 * "highest wage first", "lowest occupancy first" [superlative] [column or measure] [first] -> an
 * order by it
 */
final class ColumnFirstRule extends Rule {
  ColumnFirstRule() {
    super(
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(
            Part.class,
            p ->
                Columns.isColumn(p)
                    || p instanceof Contribution.Measures m && m.measures().size() == 1),
        Slot.word(Role.FIRST));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean most = match.get(0, Meaning.SuperlativeWord.class).most();
    Part by = match.get(1, Part.class);
    if (by instanceof Contribution.Measures measures) {
      out.accept(
          new Contribution.Order(
              Optional.of(measures.measures().get(0)), false, Optional.of(most)));
      return;
    }
    Columns.of(by, scope)
        .ifPresent(
            c ->
                out.accept(
                    new Contribution.FirstRows(new Listing.Order(c, most), Optional.empty())));
  }
}
