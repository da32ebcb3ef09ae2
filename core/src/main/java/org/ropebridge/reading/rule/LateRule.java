package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "paid late", "not returned on time" [not] [date on which it was done] [late] -> rows that were
 * done after, by or before the date on which they were due
 */
final class LateRule extends Rule {
  LateRule() {
    super(
        Slot.word(Role.NOT).maybe(),
        Slot.a(Part.class, LateRule::isDone),
        Slot.word(Role.LATE, Role.ON_TIME, Role.EARLY));
  }

  @Override
  public double bonus() {
    return 1.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> notDone = match.find(1, Meaning.NotDone.class).map(Meaning.NotDone::column);
    Optional<ColumnRef> done =
        match.find(1, Meaning.ColumnName.class).map(Meaning.ColumnName::column);
    Filter.Comparison comparison =
        comparison(match.get(2, Meaning.FunctionWord.class), match.has(0) || notDone.isPresent());
    boolean late = match.isWord(2, Role.LATE) && !match.has(0) && notDone.isEmpty();
    scope.delaysOf(done.or(() -> notDone)).stream()
        // What the author calls "paid late" is not told another way.
        .filter(delay -> !late || !scope.namedLate().contains(delay.table()))
        .forEach(delay -> out.accept(new Contribution.Narrowing(compare(delay, comparison))));
  }

  /** How the delay of what is late, on time or early compares with none. */
  static Filter.Comparison comparison(Meaning.FunctionWord word, boolean not) {
    if (word.role() == Role.EARLY) {
      return not ? Filter.Comparison.AT_LEAST : Filter.Comparison.LESS_THAN;
    }
    return (word.role() == Role.LATE) == not
        ? Filter.Comparison.AT_MOST
        : Filter.Comparison.MORE_THAN;
  }

  static Filter compare(ColumnRef delay, Filter.Comparison comparison) {
    return new Filter.Compare(delay, comparison, BigDecimal.ZERO, Optional.empty());
  }

  private static boolean isDone(Part part) {
    return part instanceof Meaning.ColumnName || part instanceof Meaning.NotDone;
  }
}
