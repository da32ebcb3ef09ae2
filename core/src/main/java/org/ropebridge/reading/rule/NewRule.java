package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.MeasureTables;

/**
 * "new customers per year", "new hires" [new] [noun with a date, or that date] -> the rows by the
 * date at which they came to be
 */
final class NewRule extends Rule {
  NewRule() {
    super(Slot.word(Role.NEW), Slot.a(Part.class, Columns::isColumn));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> date =
        match.find(1, Meaning.ColumnName.class).map(Meaning.ColumnName::column);
    String table =
        date.map(ColumnRef::table).orElseGet(() -> match.get(1, Meaning.RowNoun.class).table());
    Optional<ColumnRef> main = MeasureTables.date(table, Optional.empty(), scope.model());
    if (main.isPresent() && (date.isEmpty() || date.equals(main) && match.isPlural(1))) {
      out.accept(new Contribution.NewRows(table));
    }
  }
}
