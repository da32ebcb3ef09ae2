package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Measure;

/**
 * "how long do members stay" [how long] [noun] [stay] -> the average time from the rows' own date
 * to the one at which they were over; how many hours they work in a week is not how long they stay
 */
final class HowLongStayRule extends Rule {
  HowLongStayRule() {
    super(
        Slot.a(Meaning.HowWord.class, h -> h.dimensions().contains(Dimensions.TIME)),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.STAYING, Role.STILL_HERE),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    List<ColumnRef> counted = durationsOf(table, scope);
    boolean told = !counted.isEmpty() || !scope.measuredBy(table, Dimensions.TIME).isEmpty();
    if (!told && scope.arePeople(table)) {
      // "tenants", of whom the tenancies tell from when to when.
      counted =
          scope.model().tables().stream()
              .map(Table::name)
              .filter(t -> !t.equals(table) && scope.pointsAt(t, table))
              .flatMap(t -> durationsOf(t, scope).stream())
              .toList();
    }
    if (counted.size() == 1) {
      out.accept(
          Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, counted.get(0))));
    }
  }

  private static List<ColumnRef> durationsOf(String table, Scope scope) {
    return scope.ends().stream()
        .filter(c -> c.table().equals(table))
        .map(c -> ColumnRef.of(table, c.column() + Column.DURATION))
        .filter(c -> scope.model().table(table).findColumn(c.column()).isPresent())
        .toList();
  }
}
