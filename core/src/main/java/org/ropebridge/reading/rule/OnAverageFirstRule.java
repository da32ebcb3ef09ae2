package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "on average, revenue per month" [on average] [comma] [measure] [per] [unit of time] -> the
 * average over those spans
 */
final class OnAverageFirstRule extends Rule {
  OnAverageFirstRule() {
    super(
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.word(Role.COMMA),
        Slot.a(Part.class, Operands::isBasic),
        Slot.word(Role.PER, Role.BY),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(Operands.averageOverSpans(match, 2, 4));
  }
}
