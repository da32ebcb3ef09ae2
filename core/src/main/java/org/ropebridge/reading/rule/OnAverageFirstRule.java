package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.TimeUnit;

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
    TimeUnit unit = match.get(4, Meaning.TimeUnitWord.class).grouping();
    Measure.Plain of = Operands.of(match.get(2, Part.class));
    out.accept(Operands.overSpans(Measure.Kind.AVERAGE, of, unit));
  }
}
