package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "did we have more emergencies than last year" [more] [filter] [noun] -> whether there are more of
 * them
 */
final class MoreRowsRule extends Rule {
  MoreRowsRule() {
    super(
        Slot.a(Meaning.ComparativeWord.class),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Part.class, Phrase.SomeRows::isNamedBy));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(2)) {
      Phrase.SomeRows rows = Phrase.SomeRows.of(match, 2);
      List<Contribution> parts = new ArrayList<>();
      parts.add(Contribution.Measures.of(new Measure.RowCount(rows.table())));
      rows.among().forEach(f -> parts.add(new Contribution.Narrowing(f)));
      parts.add(
          new Contribution.Comparative(match.get(0, Meaning.ComparativeWord.class).contrast()));
      match.find(1, Contribution.Narrowing.class).ifPresent(parts::add);
      out.accept(new Contribution.Together(parts));
    }
  }
}
