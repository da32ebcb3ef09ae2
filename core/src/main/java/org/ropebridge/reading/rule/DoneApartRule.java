package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "who ordered in the last 3 months" [who] [done] [time] -> rows of before at which such rows point
 */
final class DoneApartRule extends Rule {
  DoneApartRule() {
    super(
        Slot.word(Role.WHO).maybe(),
        Slot.a(Part.class, p -> Relations.mayBeDone(p) || p instanceof Meaning.RowNoun),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.InPeriod));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<String> table =
        match.isParticiple(1) ? Relations.rowsNamed(match, 1, scope) : Optional.empty();
    Filter time = match.get(2, Contribution.Narrowing.class).filter();
    table.ifPresent(
        t ->
            out.accept(
                new Contribution.DoneApart(
                    new Contribution.RelatedApart(t, List.of(time), false))));
  }
}
