package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/** "average revenue of a stay" [average] [amount that adds up] [noun] -> the amount for each */
final class AverageOfEachRule extends Rule {
  AverageOfEachRule() {
    super(
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.AVERAGE)),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Measures amount = match.get(1, Contribution.Measures.class);
    Meaning.RowNoun noun = match.get(2, Meaning.RowNoun.class);
    if (!(amount.measures().get(0) instanceof Measure.MetricValue)) {
      return;
    }
    if (scope.haveNames(noun.table())) {
      scope
          .namingColumn(noun.table())
          .flatMap(
              name ->
                  Operands.overParts(
                      Measure.Kind.AVERAGE,
                      Operands.of(amount),
                      new Phrase.Groupable(new Grouping.ByColumn(name)),
                      scope))
          .ifPresent(out);
      return;
    }
    Operands.divided(Operands.of(amount), noun, scope).ifPresent(out);
  }
}
