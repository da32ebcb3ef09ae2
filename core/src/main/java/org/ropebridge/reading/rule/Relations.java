package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/** What rules of presence and absence share. */
final class Relations {
  private Relations() {}

  /** Whether the part may name rows, or say what was done to make them. */
  static boolean mayName(Part part) {
    return part instanceof Meaning.RowNoun || mayBeDone(part);
  }

  /** Rows of the anchor at which some of the table with that value point. */
  static Contribution.Related with(String anchor, String table, ColumnRef column, String value) {
    return new Contribution.Related(
        anchor, table, List.of(new Filter.InValues(column, List.of(value), false)), false);
  }

  /** Whether the part may say which rows there are, or what was done to make them. */
  static boolean mayBeDone(Part part) {
    return Columns.isColumn(part) || part instanceof Meaning.MetricName;
  }

  /** The rows of which a slot says what was done, as one metric counts them. */
  static Optional<MetricRows> done(Match match, int slot, Scope scope) {
    return match
        .find(slot, Meaning.MetricName.class)
        .filter(m -> match.isParticiple(slot))
        .flatMap(m -> MetricRows.of(scope.model().metric(m.metric()), scope))
        .or(() -> rowsDone(match, slot, scope).map(MetricRows::all));
  }

  /** The same, or the rows that it names by their noun. */
  static Optional<MetricRows> named(Match match, int slot, Scope scope) {
    return done(match, slot, scope).or(() -> rowsNamed(match, slot, scope).map(MetricRows::all));
  }

  /** The table whose rows a slot names, by their noun or by what was done. */
  static Optional<String> rowsNamed(Match match, int slot, Scope scope) {
    return match
        .find(slot, Meaning.RowNoun.class)
        .map(Meaning.RowNoun::table)
        .or(() -> rowsDone(match, slot, scope));
  }

  /**
   * The table of rows whose own date, amount or metric says, as a participle in a slot, that they
   * were done: "lent", "made", "sold".
   */
  static Optional<String> rowsDone(Match match, int slot, Scope scope) {
    Optional<Meaning.MetricName> metric = match.find(slot, Meaning.MetricName.class);
    if (metric.isPresent()) {
      // Not all deals are sold, where those that are won count as sales.
      return metric
          .filter(m -> match.isParticiple(slot))
          .flatMap(m -> MetricRows.of(scope.model().metric(m.metric()), scope))
          .filter(rows -> rows.filters().isEmpty())
          .map(MetricRows::table);
    } else if (match.find(slot, Meaning.ColumnName.class).isEmpty()) {
      return Optional.empty();
    }
    ColumnRef date = match.get(slot, Meaning.ColumnName.class).column();
    boolean counted = scope.addsUp(date) && scope.namingColumn(date.table()).isEmpty();
    boolean main =
        match.isParticiple(slot)
            && date.role().isEmpty()
            && (counted || scope.isTemporal(date) && scope.isMainDate(date));
    return main ? Optional.of(date.table()) : Optional.empty();
  }

  /** Rows of an anchor at which such rows point that a slot says, as a participle, were made. */
  static Optional<Contribution> done(Match match, int slot, String anchor, Scope scope) {
    return Optional.of(slot)
        .filter(match::isParticiple)
        .flatMap(s -> named(match, s, scope))
        .filter(rows -> scope.pointsAt(rows.table(), anchor))
        .map(rows -> new Contribution.RelatedApart(rows.table(), rows.filters(), false));
  }

  /** What rows are judged by, as ratings by their average: the one metric that does not add up. */
  static Optional<Measure> judgedBy(String table, Scope scope) {
    List<Measure> metrics =
        scope.model().metrics().stream()
            .map(m -> new Measure.MetricValue(m.name()))
            .filter(m -> MeasureTables.of(m, scope.model()).equals(Set.of(table)))
            .filter(m -> !MeasureTables.addsUp(m, scope.model()))
            .<Measure>map(m -> m)
            .toList();
    return metrics.size() == 1 ? Optional.of(metrics.get(0)) : Optional.empty();
  }

  /**
   * The noun of slot 0 with, or without, rows of another.
   *
   * @param narrowing the slot that narrows these rows; their noun is in the slot behind it
   */
  static Optional<Part> related(Match match, Scope scope, int narrowing, boolean negated) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    String table = match.get(narrowing + 1, Meaning.RowNoun.class).table();
    boolean ofAnchor =
        match.find(narrowing, Contribution.Narrowing.class).stream()
            .map(Contribution.Narrowing::filter)
            .anyMatch(f -> f instanceof Filter.InPeriod in && isOn(in, anchor));
    if (ofAnchor) {
      return Optional.empty();
    }
    return scope
        .pointing(table, anchor)
        .map(
            pointing ->
                new Contribution.Related(
                    anchor,
                    pointing,
                    match.find(narrowing, Contribution.Narrowing.class).stream()
                        .map(Contribution.Narrowing::filter)
                        .toList(),
                    negated));
  }

  /** "who joined in 2024 and had stays": what has a date of its own is not about the stays. */
  private static boolean isOn(Filter.InPeriod period, String table) {
    return period.date().filter(d -> d.table().equals(table)).isPresent();
  }
}
