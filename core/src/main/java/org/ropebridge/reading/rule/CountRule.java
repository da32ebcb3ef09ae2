package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many stays", "number of members", "unique members" [how many] [noun] -> the number of rows
 */
final class CountRule extends Rule {
  CountRule() {
    super(
        Slot.word(Role.COUNT, Role.UNIQUE),
        Slot.word(Role.DIFFERENT).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.RowCount(match.get(2, Meaning.RowNoun.class).table())));
  }
}
