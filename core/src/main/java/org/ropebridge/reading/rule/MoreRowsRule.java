package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "did we have more emergencies than last year" [more] [noun] -> whether there are more of them */
final class MoreRowsRule extends Rule {
  MoreRowsRule() {
    super(Slot.a(Meaning.ComparativeWord.class), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(1)) {
      out.accept(
          new Contribution.Together(
              List.of(
                  Contribution.Measures.of(
                      new Measure.RowCount(match.get(1, Meaning.RowNoun.class).table())),
                  new Contribution.Comparative(
                      match.get(0, Meaning.ComparativeWord.class).contrast()))));
    }
  }
}
