package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "with a first reply within 30 minutes" [with a] [date] [comparison with a time] -> rows whose
 * time up to it compares so
 */
final class WithSomeInTimeRule extends Rule {
  WithSomeInTimeRule() {
    super(
        Slot.word(Role.WITH_A, Role.WITH, Role.PREPOSITION),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.AFTER).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return 1.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(3, Phrase.Comparing.class);
    scope
        .durationUpTo(match.get(1, Meaning.ColumnName.class).column(), comparing.unit())
        .map(comparing::of)
        .ifPresent(
            f -> {
              out.accept(new Contribution.Narrowing(f));
              out.accept(new Contribution.Predicate(f));
            });
  }
}
