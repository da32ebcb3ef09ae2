package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "on average, revenue per month", "revenue in an average month" [on average] [measure] [per] [unit
 * of time] -> the average over those spans
 */
final class OnAveragePerSpanRule extends Rule {
  OnAveragePerSpanRule() {
    super(
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe(),
        Slot.word(Role.COMMA).maybe(),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER, Role.BY, Role.PREPOSITION),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain of = Operands.of(match.get(2, Part.class));
    boolean before = match.has(0) && (match.has(1) || match.isWord(0, Role.ON_AVERAGE));
    if (of instanceof Measure.Basic
        && before != match.has(4)
        && match.has(4) == match.isWord(3, Role.PREPOSITION)) {
      out.accept(
          Contribution.Measures.of(
              new Measure.OverParts(
                  Measure.Kind.AVERAGE,
                  of,
                  new Grouping.ByTime(
                      match.get(5, Meaning.TimeUnitWord.class).grouping(), Optional.empty()))));
    }
  }
}
