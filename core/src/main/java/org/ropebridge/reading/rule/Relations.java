package org.ropebridge.reading.rule;

import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** What rules of presence and absence share. */
final class Relations {
  private Relations() {}

  /**
   * The noun of slot 0 with, or without, rows of another.
   *
   * @param narrowing the slot that narrows these rows; their noun is in the slot behind it
   */
  static Optional<Part> related(Match match, Scope scope, int narrowing, boolean negated) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    String table = match.get(narrowing + 1, Meaning.RowNoun.class).table();
    return Scope.pointsAt(table, anchor, scope)
        ? Optional.of(
            new Contribution.Related(
                anchor,
                table,
                match.find(narrowing, Contribution.Narrowing.class).stream()
                    .map(Contribution.Narrowing::filter)
                    .toList(),
                negated))
        : Optional.empty();
  }
}
