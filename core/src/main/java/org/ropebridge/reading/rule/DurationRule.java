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
 * "average days from booked on to arrival", "time between booking and arrival" [statistic] [days
 * from] [date] [to] [date] -> the statistic of the time between them; without one, the average
 */
final class DurationRule extends Rule {
  DurationRule() {
    super(
        Slot.a(Phrase.Statistics.class).maybe(),
        Slot.word(Role.DAYS_FROM),
        Slot.a(Part.class, Columns::isColumn),
        Slot.word(Role.TO, Role.AND, Role.TOWARDS),
        Slot.a(Part.class, Columns::isColumn));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> first = date(match.get(2, Part.class), scope);
    Optional<ColumnRef> second = date(match.get(4, Part.class), scope);
    if (first.isEmpty() || second.isEmpty()) {
      return;
    }
    ColumnRef from = first.get();
    ColumnRef to = second.get();
    List<Phrase.Statistic> statistics =
        match
            .find(0, Phrase.Statistics.class)
            .map(Phrase.Statistics::statistics)
            .orElse(List.of(new Phrase.Statistic(Measure.Kind.AVERAGE, 0)));
    Measure.Kind kind = statistics.get(0).kind();
    boolean fits =
        scope.isTemporal(from)
            && scope.isTemporal(to)
            && from.table().equals(to.table())
            && !from.equals(to)
            && statistics.size() == 1
            && kind != Measure.Kind.PERCENTILE
            && kind != Measure.Kind.STANDARD_DEVIATION;
    if (fits) {
      out.accept(Contribution.Measures.of(new Measure.Duration(kind, from, to)));
    }
  }

  /** The date itself; of a noun, the date of its rows. */
  static Optional<ColumnRef> date(Part part, Scope scope) {
    return part instanceof Meaning.ColumnName name
        ? Optional.of(name.column().withoutRole())
        : MeasureTables.date(((Meaning.RowNoun) part).table(), Optional.empty(), scope.model());
  }
}
