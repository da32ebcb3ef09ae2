package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/**
 * "tickets closed within a day" [date column at which rows are over, as what was done] [comparison
 * with a time] -> rows whose time up to it compares so
 */
final class DoneInLessRule extends Rule {
  DoneInLessRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.75;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef end = match.get(0, Meaning.ColumnName.class).column();
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    scope
        .durationUpTo(end, comparing.unit())
        .filter(d -> match.isParticiple(0))
        .map(comparing::of)
        .ifPresent(
            f -> {
              out.accept(new Contribution.DoneAt(f, end));
              out.accept(new Contribution.Predicate(f, Optional.of(end)));
            });
  }
}
