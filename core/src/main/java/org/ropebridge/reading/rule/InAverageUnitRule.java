package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.TimeUnit;

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
    TimeUnit unit = match.get(3, Meaning.TimeUnitWord.class).grouping();
    Measure.Plain of = Operands.of(match.get(0, Part.class));
    out.accept(Operands.overSpans(Measure.Kind.AVERAGE, of, unit));
  }
}
