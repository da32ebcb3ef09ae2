package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "pupils who come by bus vs the rest", "paid late vs the others" [what is so, or a condition]
 * [versus] [the others] -> its rows, beside all others
 */
final class FilterVersusRestRule extends Rule {
  FilterVersusRestRule() {
    super(
        Slot.a(Contribution.Narrowing.class, n -> otherwise(n.filter()).isPresent()),
        Slot.word(Role.VERSUS, Role.TO),
        Slot.word(Role.REST));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter filter = match.get(0, Contribution.Narrowing.class).filter();
    otherwise(filter)
        .ifPresent(other -> out.accept(new Contribution.OpposedFilters(filter, other)));
  }

  private static Optional<Filter> otherwise(Filter filter) {
    if (filter instanceof Filter.IsTrue is && !is.negated()) {
      return Optional.of(new Filter.IsTrue(is.column(), true));
    }
    return filter instanceof Filter.Meets meets && !meets.negated()
        ? Optional.of(new Filter.Meets(meets.table(), meets.condition(), true))
        : Optional.empty();
  }
}
