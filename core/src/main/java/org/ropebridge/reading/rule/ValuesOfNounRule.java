package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "dog owners" [value of rows that point at the noun's] [noun] -> those at which such rows point
 */
final class ValuesOfNounRule extends Rule {
  ValuesOfNounRule() {
    super(Slot.a(Phrase.Values.class), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(0, Phrase.Values.class);
    ColumnRef column = values.column();
    String anchor = match.get(1, Meaning.RowNoun.class).table();
    boolean points =
        match.adjoins(1)
            && column.role().isEmpty()
            && !scope.model().namesItsTable(column)
            && !column.table().equals(anchor)
            && scope.pointsAt(column.table(), anchor)
            && scope.paths().shortest(anchor, column.table(), Optional.empty()).isEmpty();
    if (points) {
      out.accept(
          new Contribution.Related(
              anchor,
              column.table(),
              List.of(new Filter.InValues(column, values.stored(), false)),
              false));
    }
  }
}
