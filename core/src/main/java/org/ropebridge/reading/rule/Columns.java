package org.ropebridge.reading.rule;

import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/** Parts that name a column: its own name, or the noun of the rows that it names. */
final class Columns {
  private Columns() {}

  static boolean isColumn(Part part) {
    return part instanceof Meaning.ColumnName || part instanceof Meaning.RowNoun;
  }

  static Optional<ColumnRef> of(Part part, Scope scope) {
    return part instanceof Meaning.ColumnName name
        ? Optional.of(name.column())
        : scope.namingColumn(((Meaning.RowNoun) part).table());
  }
}
