package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "which bridge was inspected most often" [noun] [most often] -> ranked by how many rows there are
 */
final class MostOftenRule extends Rule {
  MostOftenRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.a(Meaning.OftenWord.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Extreme(
            match.get(1, Meaning.OftenWord.class).most()
                ? Contribution.Direction.TOP
                : Contribution.Direction.BOTTOM,
            new Measure.RowCount(match.get(0, Meaning.RowNoun.class).table())));
  }
}
