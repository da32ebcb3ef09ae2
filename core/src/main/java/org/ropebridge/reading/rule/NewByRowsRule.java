package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "new buyers in 2025", of what has no date of its own [how many] [new] [noun] [time] -> those to
 * whom the first row points then
 */
final class NewByRowsRule extends Rule {
  NewByRowsRule() {
    super(
        Slot.word(Role.COUNT).maybe(),
        Slot.word(Role.NEW),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(
            Contribution.Narrowing.class,
            n -> n.filter() instanceof Filter.InPeriod in && in.date().isEmpty()));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(2, Meaning.RowNoun.class).table();
    Filter.InPeriod time = (Filter.InPeriod) match.get(3, Contribution.Narrowing.class).filter();
    if (hasDates(who, scope)) {
      return;
    }
    rows(who, scope)
        .flatMap(rows -> FirstTimeRule.firstIn(who, rows, List.of(), time, scope))
        .map(filters -> FirstTimeRule.those(who, match.has(0), filters))
        .ifPresent(out);
  }

  private static boolean hasDates(String table, Scope scope) {
    return scope.model().table(table).columns().stream().anyMatch(c -> c.holds().isTemporal());
  }

  /** The only rows with a date that point at them, or those of what the author prefers. */
  private static Optional<String> rows(String who, Scope scope) {
    List<String> dated =
        scope.model().tables().stream()
            .filter(t -> t.mainDate().isPresent())
            .filter(t -> t.links().stream().filter(l -> l.to().equals(who)).count() == 1)
            .map(Table::name)
            .filter(t -> !t.equals(who))
            .toList();
    Set<String> preferred =
        scope
            .model()
            .preferences()
            .topBy()
            .map(m -> MeasureTables.of(new Measure.MetricValue(m), scope.model()))
            .orElse(Set.of());
    return dated.size() == 1
        ? Optional.of(dated.get(0))
        : dated.stream().filter(preferred::contains).findFirst();
  }
}
