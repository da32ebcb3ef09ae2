package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "average time to repair", "how long does it take until a bill is paid" [statistic] [time to]
 * [noun] [is] [date column] [noun] -> the time from the rows' own date to that one
 */
final class TimeToRule extends Rule {
  TimeToRule() {
    super(
        Slot.a(Phrase.Statistics.class).maybe(),
        Slot.word(Role.TIME_TO),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef to = match.get(4, Meaning.ColumnName.class).column().withoutRole();
    boolean ofOthers =
        Stream.of(2, 5)
            .flatMap(slot -> match.find(slot, Meaning.RowNoun.class).stream())
            .anyMatch(n -> !n.table().equals(to.table()));
    if (ofOthers || match.has(2) && match.has(5)) {
      return;
    }
    Optional<ColumnRef> from = MeasureTables.date(to.table(), Optional.empty(), scope.model());
    Measure.Kind kind =
        match
            .find(0, Phrase.Statistics.class)
            .map(s -> s.statistics().get(0).kind())
            .orElse(Measure.Kind.AVERAGE);
    boolean fits =
        scope.isTemporal(to)
            && from.filter(f -> f.table().equals(to.table()) && !f.equals(to)).isPresent()
            && kind != Measure.Kind.PERCENTILE
            && kind != Measure.Kind.STANDARD_DEVIATION;
    if (fits) {
      out.accept(Contribution.Measures.of(new Measure.Duration(kind, from.get(), to)));
    }
  }
}
