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
 * "how long do repairs take" [how long] [noun] -> the average time from the rows' own date to the
 * one at which they were over, where no column measures it
 */
final class HowLongTakesRule extends Rule {
  HowLongTakesRule() {
    super(
        Slot.a(Meaning.HowWord.class, h -> h.dimensions().contains("time")),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.LAST, Role.STAYING).maybe(),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    Measure.Kind kind = Measure.Kind.AVERAGE;
    // How many hours people work in a week is not how long they stay.
    (match.isWord(2, Role.STAYING) ? untilEnd(table, kind, scope) : duration(table, kind, scope))
        .ifPresent(d -> out.accept(Contribution.Measures.of(d)));
  }

  /** The time from the rows' own date to the one at which they were over. */
  static Optional<Measure> duration(String table, Measure.Kind kind, Scope scope) {
    return scope.measuredBy(table, "time").isEmpty()
        ? untilEnd(table, kind, scope)
        : Optional.empty();
  }

  private static Optional<Measure> untilEnd(String table, Measure.Kind kind, Scope scope) {
    Optional<ColumnRef> from = MeasureTables.date(table, Optional.empty(), scope.model());
    List<ColumnRef> ends =
        scope.ends().stream()
            .filter(c -> c.table().equals(table) && !from.equals(Optional.of(c)))
            .toList();
    boolean own = from.filter(f -> f.table().equals(table)).isPresent();
    return own && ends.size() == 1
        ? Optional.of(new Measure.Duration(kind, from.get(), ends.get(0)))
        : Optional.empty();
  }
}
