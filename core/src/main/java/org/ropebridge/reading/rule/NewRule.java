package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;
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
    if (main.isEmpty() && date.isEmpty()) {
      onlyDate(table, scope)
          .ifPresent(
              only ->
                  out.accept(
                      new Contribution.Together(
                          List.of(
                              new Contribution.NewRows(table),
                              new Contribution.Events(new Measure.RowCount(table), only)))));
    }
    if (main.isPresent() && (date.isEmpty() || date.equals(main) && match.isPlural(1))) {
      out.accept(new Contribution.NewRows(table));
    }
  }

  /** "client since", where that is the only date of a table whose rows have none of their own. */
  private static Optional<ColumnRef> onlyDate(String table, Scope scope) {
    List<ColumnRef> dates =
        scope.model().table(table).columns().stream()
            .map(c -> ColumnRef.of(table, c.name()))
            .filter(scope::isTemporal)
            .toList();
    return dates.size() == 1 ? Optional.of(dates.get(0)) : Optional.empty();
  }
}
