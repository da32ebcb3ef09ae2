package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "top 5 branches by loan count" [noun] [count] -> the number of rows */
final class NounCountRule extends Rule {
  NounCountRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.COUNT_NOUN));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(0) && match.adjoins(1)) {
      out.accept(
          Contribution.Measures.of(
              new Measure.RowCount(match.get(0, Meaning.RowNoun.class).table())));
    }
  }
}
