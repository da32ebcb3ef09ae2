package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "revenue (for channel website)" [measure] [filters in brackets] -> the measure over fewer rows
 */
final class NarrowedRule extends Rule {
  NarrowedRule() {
    super(Slot.a(Part.class, Operands::isBasic), Slot.a(Phrase.EnclosedFilters.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Basic of = (Measure.Basic) Operands.of(match.get(0, Part.class));
    out.accept(
        Contribution.Measures.of(
            new Measure.Narrowed(of, match.get(1, Phrase.EnclosedFilters.class).filters())));
  }
}
