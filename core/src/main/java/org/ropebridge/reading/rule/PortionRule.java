package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "portion of number of stays (for status cancelled)" [portion] [measure] [filters in brackets] ->
 * the part of the measure that falls on such rows
 */
final class PortionRule extends Rule {
  PortionRule() {
    super(
        Slot.word(Role.PORTION),
        Slot.a(Part.class, Operands::isBasic),
        Slot.a(Phrase.EnclosedFilters.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Basic of = (Measure.Basic) Operands.of(match.get(1, Part.class));
    out.accept(
        Contribution.Measures.of(
            new Measure.Portion(of, match.get(2, Phrase.EnclosedFilters.class).filters())));
  }
}
