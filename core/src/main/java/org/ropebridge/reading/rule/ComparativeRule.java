package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "more callouts than last year", "is occupancy better" [more] -> asks whether there is more than
 * before
 */
final class ComparativeRule extends Rule {
  ComparativeRule() {
    super(Slot.a(Meaning.ComparativeWord.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Comparative(match.get(0, Meaning.ComparativeWord.class).contrast()));
  }
}
