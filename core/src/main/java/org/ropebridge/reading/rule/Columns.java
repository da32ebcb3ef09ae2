package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/** Parts that name a column: its own name, or the noun of the rows that it names. */
public final class Columns {
  private Columns() {}

  static boolean isColumn(Part part) {
    return part instanceof Meaning.ColumnName || part instanceof Meaning.RowNoun;
  }

  /** "cost": a number by itself of which the total is wanted sooner than a list. */
  static boolean isTotal(List<ColumnRef> columns, Scope scope) {
    return columns.size() == 1 && scope.addsUp(columns.get(0));
  }

  static Optional<ColumnRef> of(Part part, Scope scope) {
    return part instanceof Meaning.ColumnName name
        ? Optional.of(name.column())
        : scope.namingColumn(((Meaning.RowNoun) part).table());
  }

  /** A list of the rows that the values name, with a column of theirs; empty for other values. */
  static Optional<Part> ofNamed(Phrase.Values values, ColumnRef column, Scope scope) {
    boolean theirs =
        column.table().equals(values.column().table())
            && scope.model().namesItsTable(values.column());
    return theirs
        ? Optional.of(
            new Contribution.Rows(
                column.table(), List.of(values.column(), column), List.of(values.filter(false))))
        : Optional.empty();
  }

  /** "beds", of which there are so many beds: that is read as a unit. */
  static boolean isCalledByUnit(ColumnRef ref, Scope scope) {
    Column column = scope.model().column(ref);
    return column.unit().isPresent()
        && column.names().anyMatch(column.unit().get()::equalsIgnoreCase);
  }

  /** A statistic of the only column that measures what "how long" and the like ask for. */
  static Optional<Contribution> measured(
      Measure.Kind kind, String table, Meaning.HowWord how, Scope scope) {
    List<ColumnRef> columns = scope.measuredBy(table, how);
    return columns.size() == 1
        ? Optional.of(Contribution.Measures.of(Measure.Statistic.of(kind, columns.get(0))))
        : Optional.empty();
  }

  /** The statistic of how long a table's rows took, where just one number tells it. */
  static Optional<Contribution> timeTaken(Phrase.Statistic statistic, String table, Scope scope) {
    List<ColumnRef> times = scope.measuredBy(table, Dimensions.TIME);
    return times.size() == 1
        ? Optional.of(
            Contribution.Measures.of(
                new Measure.Statistic(statistic.kind(), times.get(0), statistic.percentile())))
        : Optional.empty();
  }

  /** Hands over rows whose number in the said unit compares so, for each column in that unit. */
  static void inUnit(Phrase.Comparing comparing, Scope scope, Consumer<Part> out) {
    for (ColumnRef column : scope.columnsIn(comparing.unit().orElseThrow())) {
      out.accept(new Contribution.Narrowing(comparing.of(column)));
    }
  }

  /** The total of the only amount of money that a table's rows have, where it adds up. */
  public static Optional<Measure> totalMoney(String table, Scope scope) {
    // What was agreed is no money that was paid.
    List<ColumnRef> amounts =
        scope.measuredBy(table, Dimensions.MONEY).stream()
            .filter(c -> scope.overrun(c).isEmpty())
            .toList();
    return amounts.size() == 1 && scope.addsUp(amounts.get(0))
        ? Optional.of(Measure.Statistic.of(Measure.Kind.SUM, amounts.get(0)))
        : Optional.empty();
  }
}
