package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "paid at least a week late" [date on which it was done] [comparison with a time] [late] -> rows
 * that were done so long after the date on which they were due
 */
final class LateByRule extends Rule {
  LateByRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()),
        Slot.word(Role.LATE));
  }

  @Override
  public double bonus() {
    return 1.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    late(Optional.of(match.get(0, Meaning.ColumnName.class)), comparing, scope, out);
  }

  /** Hands over rows that were so late, on that date where one is said. */
  static void late(
      Optional<Meaning.ColumnName> done,
      Phrase.Comparing comparing,
      Scope scope,
      Consumer<Part> out) {
    scope.delaysOf(done.map(Meaning.ColumnName::column)).stream()
        .filter(delay -> scope.model().column(delay).unit().equals(comparing.unit()))
        .forEach(delay -> out.accept(new Contribution.Narrowing(comparing.of(delay))));
  }
}
