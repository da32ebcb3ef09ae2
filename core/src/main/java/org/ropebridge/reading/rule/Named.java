package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Part;

/** What a follow-up may name of the plan before it. */
final class Named {
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
}
