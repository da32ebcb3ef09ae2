package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "a week or more", "two weeks or less" [number] [unit of time] [or more] -> as many of the units
 * that the model counts time in, or more
 */
final class SpanOrMoreRule extends Rule {
  SpanOrMoreRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()),
        Slot.word(Role.OR_MORE, Role.OR_LESS));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal count =
        match
            .find(0, Meaning.NumberWord.class)
            .map(Meaning.NumberWord::number)
            .orElse(BigDecimal.ONE);
    Filter.Comparison comparison =
        match.isWord(2, Role.OR_MORE) ? Filter.Comparison.AT_LEAST : Filter.Comparison.AT_MOST;
    scope
        .dimensions()
        .unitsIn(match.get(1, Meaning.TimeUnitWord.class).period().orElseThrow())
        .forEach(
            (unit, times) ->
                out.accept(
                    new Phrase.Comparing(
                        comparison,
                        count.multiply(BigDecimal.valueOf(times)),
                        Optional.empty(),
                        Optional.of(unit))));
  }
}
