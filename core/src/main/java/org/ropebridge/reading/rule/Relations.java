package org.ropebridge.reading.rule;

import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** What rules of presence and absence share. */
final class Relations {
  private Relations() {}

  /** The noun of slot 0 with, or without, rows of slot 3's noun, narrowed as slot 2 says. */
  static Optional<Part> related(Match match, Scope scope, boolean negated) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    String table = match.get(3, Meaning.RowNoun.class).table();
    return Scope.pointsAt(table, anchor, scope)
        ? Optional.of(
            new Contribution.Related(
                anchor,
                table,
                match.find(2, Contribution.Narrowing.class).stream()
                    .map(Contribution.Narrowing::filter)
                    .toList(),
                negated))
        : Optional.empty();
  }
}
