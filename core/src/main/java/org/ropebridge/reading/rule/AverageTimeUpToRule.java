package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "average delivery time" [average or median] [date] -> the statistic of how long it was from the
 * rows' own date to it
 */
final class AverageTimeUpToRule extends Rule {
  AverageTimeUpToRule() {
    super(Slot.a(Phrase.Statistics.class), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef to = match.get(1, Meaning.ColumnName.class).column().withoutRole();
    List<Phrase.Statistic> statistics = match.get(0, Phrase.Statistics.class).statistics();
    Measure.Kind kind = statistics.get(0).kind();
    boolean fits =
        scope.isTemporal(to)
            && statistics.size() == 1
            && (kind == Measure.Kind.AVERAGE || kind == Measure.Kind.MEDIAN);
    if (fits) {
      scope
          .model()
          .table(to.table())
          .ownDate()
          .filter(own -> !own.name().equals(to.column()))
          .map(own -> ColumnRef.of(to.table(), own.name()))
          .ifPresent(
              from -> out.accept(Contribution.Measures.of(new Measure.Duration(kind, from, to))));
    }
  }
}
