package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many members stayed", "number of different huts with callouts", "how many members over 60
 * stay" [how many] [noun, with what is said of it] [noun whose rows point at it] -> different rows
 * that are pointed at
 */
final class DistinctRowsRule extends Rule {
  DistinctRowsRule() {
    super(
        Slot.word(Role.COUNT, Role.UNIQUE),
        Slot.word(Role.DIFFERENT).maybe(),
        Slot.a(Part.class, Phrase.SomeRows::isNamedBy),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Relations::mayBeDone),
        Slot.word(Role.VIA).maybe(),
        Slot.a(Meaning.RoleName.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.SomeRows some = Phrase.SomeRows.of(match, 2);
    // "how many fibre contracts" counts contracts.
    if (some.among().isEmpty() && !match.isPlural(2) && match.isPlural(4) && !match.has(3)) {
      return;
    }
    String counted = some.table();
    if (match.has(3) && !match.isPlural(4) && isMutual(match, counted, scope)) {
      return;
    }
    // "how many pupils joined" is told by their own date, though others are called so as well.
    boolean ofTheirOwn =
        match
            .find(4, Meaning.ColumnName.class)
            .filter(c -> scope.hasNamesake(counted, c.column()))
            .isPresent();
    if (ofTheirOwn) {
      return;
    }
    String named = Relations.rowsNamed(match, 4, scope).orElse(counted);
    String with = match.has(6) ? named : scope.pointing(named, counted).orElse(named);
    if (match.has(5) != match.has(6) || counted.equals(with) && !match.has(6)) {
      return;
    }
    Optional<String> role = match.find(6, Meaning.RoleName.class).map(Meaning.RoleName::role);
    if (!scope.paths().shortest(with, counted, role).isEmpty()) {
      out.accept(
          some.with(Contribution.Measures.of(new Measure.DistinctRows(counted, with, role))));
    }
  }

  /** "teams for agent Dov Frank": one agent, where teams point at agents and these at teams. */
  private static boolean isMutual(Match match, String counted, Scope scope) {
    return match
        .find(4, Meaning.RowNoun.class)
        .filter(n -> scope.pointsAt(n.table(), counted))
        .filter(n -> scope.pointsAt(counted, n.table()))
        .isPresent();
  }
}
