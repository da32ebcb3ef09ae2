package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "revenue in an average month of 2025" [measure] [in] [average] [unit of time] -> the average over
 * those spans
 */
final class InAverageUnitRule extends Rule {
  InAverageUnitRule() {
    super(
        Slot.a(Part.class, Operands::isBasic),
        Slot.word(Role.PREPOSITION),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(Operands.averageOverSpans(match, 0, 3));
  }
}
