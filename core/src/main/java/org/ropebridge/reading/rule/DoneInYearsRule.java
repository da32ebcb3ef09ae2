package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "members who left within a year" [date at which something was done] [comparison with years] ->
 * rows whose time up to it compares so
 */
final class DoneInYearsRule extends Rule {
  DoneInYearsRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.a(Phrase.ComparingYears.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    scope
        .durationUpTo(match.get(0, Meaning.ColumnName.class).column(), Optional.of("days"))
        .filter(d -> match.isParticiple(0))
        .map(match.get(1, Phrase.ComparingYears.class)::of)
        .ifPresent(f -> out.accept(new Contribution.Narrowing(f)));
  }
}
