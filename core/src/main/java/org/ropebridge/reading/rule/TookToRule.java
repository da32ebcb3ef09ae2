package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "tickets that took more than 3 days to solve" [comparison with a time] [to] [date column at which
 * rows are over] -> rows whose time up to it compares so
 */
final class TookToRule extends Rule {
  TookToRule() {
    super(
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()),
        Slot.word(Role.TOWARDS),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef end = match.get(2, Meaning.ColumnName.class).column();
    Phrase.Comparing comparing = match.get(0, Phrase.Comparing.class);
    scope
        .durationUpTo(end, comparing.unit())
        .ifPresent(d -> out.accept(new Contribution.Narrowing(comparing.of(d))));
  }
}
