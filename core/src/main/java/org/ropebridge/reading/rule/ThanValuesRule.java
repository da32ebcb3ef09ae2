package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "did Ossel take more than Brannick", "have more revenue than Brannick" [more] [measure] [than]
 * [values] -> values that those said before are set beside
 */
final class ThanValuesRule extends Rule {
  ThanValuesRule() {
    super(
        Slot.a(
            Part.class,
            p ->
                p instanceof Meaning.ComparativeWord
                    || p instanceof Meaning.ComparisonWord word
                        && word.comparison() != Filter.Comparison.EQUAL_TO),
        Slot.a(Part.class, p -> Operands.isOperand(p) || p instanceof Meaning.QualityWord).maybe(),
        Slot.word(Role.VERSUS).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean than = match.find(0, Meaning.ComparisonWord.class).isPresent() || match.has(2);
    Optional<Measure> of = match.find(1, Part.class).map(ThanValuesRule::measure);
    if (than && (of.isEmpty() || match.has(2))) {
      out.accept(
          new Contribution.BesideValues(
              match.get(4, Phrase.Values.class),
              of,
              match.find(0, Meaning.ComparativeWord.class).isPresent()));
    }
  }

  private static Measure measure(Part part) {
    return part instanceof Meaning.QualityWord quality
        ? new Measure.MetricValue(quality.metric())
        : Operands.of(part);
  }
}
