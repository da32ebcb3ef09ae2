package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/** What a follow-up may name of the plan before it. */
final class Named {
  private static final BigDecimal MOST_ROWS = BigDecimal.valueOf(1_000);

  private Named() {}

  /** Whether the part names something that a plan can have or lack. */
  static boolean isNamed(Part part) {
    return part instanceof Phrase.Groupable
        || part instanceof Contribution && !(part instanceof Contribution.Edit);
  }

  /** The part as a contribution; what can be grouped by, as a breakdown. */
  static Optional<Contribution> of(Part part) {
    if (part instanceof Phrase.Groupable groupable) {
      return Optional.of(new Contribution.Groupings(List.of(groupable.grouping())));
    }
    return part instanceof Contribution contribution ? Optional.of(contribution) : Optional.empty();
  }

  /** Hands over one named thing in the place of another. */
  static void replace(Part old, Part with, Consumer<Part> out) {
    Optional<Contribution> before = of(old);
    Optional<Contribution> after = of(with);
    if (before.isPresent() && after.isPresent()) {
      out.accept(new Contribution.Replacing(before.get(), after.get()));
    }
  }

  /** How many rows a number can mean; empty for numbers that count none, or too many. */
  static Optional<Integer> count(BigDecimal number) {
    boolean counts =
        number.signum() > 0
            && number.compareTo(MOST_ROWS) <= 0
            && number.stripTrailingZeros().scale() <= 0;
    return counts ? Optional.of(number.intValueExact()) : Optional.empty();
  }
}
