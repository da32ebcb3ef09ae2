package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "late by more than 5 days", "delayed by a week or more" [late] [by] [comparison with a time] ->
 * rows that were done so long after the date on which they were due
 */
final class LateByMoreRule extends Rule {
  LateByMoreRule() {
    super(
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.word(Role.LATE),
        Slot.word(Role.BY).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return 1.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(3, Phrase.Comparing.class);
    LateByRule.late(match.find(0, Meaning.ColumnName.class), comparing, scope, out);
  }
}
