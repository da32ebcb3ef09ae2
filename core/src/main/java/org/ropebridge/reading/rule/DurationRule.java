package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "average days from booked on to arrival", "time between booking and arrival" [statistic] [days
 * from] [date] [to] [date] -> the statistic of the time between them; without one, the average
 */
final class DurationRule extends Rule {
  DurationRule() {
    super(
        Slot.a(Phrase.Statistics.class).maybe(),
        Slot.word(Role.DAYS_FROM),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.TO, Role.AND),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef from = match.get(2, Meaning.ColumnName.class).column().withoutRole();
    ColumnRef to = match.get(4, Meaning.ColumnName.class).column().withoutRole();
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
}
