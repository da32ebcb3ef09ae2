package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
        Slot.a(
            Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Contribution.NounWith));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(2)) {
      List<Contribution> parts = new ArrayList<>();
      Optional<Contribution.NounWith> some = match.find(2, Contribution.NounWith.class);
      String table =
          some.map(Contribution.NounWith::table)
              .orElseGet(() -> match.get(2, Meaning.RowNoun.class).table());
      parts.add(Contribution.Measures.of(new Measure.RowCount(table)));
      some.ifPresent(n -> parts.add(new Contribution.Narrowing(n.filter())));
      parts.add(
          new Contribution.Comparative(match.get(0, Meaning.ComparativeWord.class).contrast()));
      match.find(1, Contribution.Narrowing.class).ifPresent(parts::add);
      out.accept(new Contribution.Together(parts));
    }
  }
}
