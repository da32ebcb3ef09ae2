package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "huts with callouts", "members that had a stay" [noun] [with] [noun whose rows point at it] ->
 * rows at which some point
 */
final class RelatedToRule extends Rule {
  RelatedToRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.BOTH, Role.HAVE),
        Slot.word(Role.BOTH).maybe(),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!isTheirs(match, scope)) {
      Relations.related(match, scope, 3, false).ifPresent(out);
    }
  }

  /** "agents in the Networks team": the team that they point at, and none that points at them. */
  private static boolean isTheirs(Match match, Scope scope) {
    String to = match.get(4, Meaning.RowNoun.class).table();
    return match
            .find(3, Contribution.Narrowing.class)
            .filter(n -> n.filter() instanceof Filter.InValues)
            .map(n -> ((Filter.InValues) n.filter()).column())
            .filter(c -> scope.namingColumn(to).equals(Optional.of(c)))
            .isPresent()
        && scope.pointsAt(match.get(0, Meaning.RowNoun.class).table(), to);
  }
}
