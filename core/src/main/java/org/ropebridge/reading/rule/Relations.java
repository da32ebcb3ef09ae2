package org.ropebridge.reading.rule;

import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.MeasureTables;

/** What rules of presence and absence share. */
final class Relations {
  private Relations() {}

  /** The table whose rows a slot names, by their noun or by what was done. */
  static Optional<String> rowsNamed(Match match, int slot, Scope scope) {
    return match
        .find(slot, Meaning.RowNoun.class)
        .map(Meaning.RowNoun::table)
        .or(() -> rowsDone(match, slot, scope));
  }

  /** The table of rows whose own date says, as a participle in a slot, that they were done. */
  static Optional<String> rowsDone(Match match, int slot, Scope scope) {
    ColumnRef date = match.get(slot, Meaning.ColumnName.class).column();
    boolean main =
        match.isParticiple(slot)
            && scope.isTemporal(date)
            && date.role().isEmpty()
            && MeasureTables.date(date.table(), Optional.empty(), scope.model())
                .equals(Optional.of(date));
    return main ? Optional.of(date.table()) : Optional.empty();
  }

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
