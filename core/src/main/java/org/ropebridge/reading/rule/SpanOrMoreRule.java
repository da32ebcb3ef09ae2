package org.ropebridge.reading.rule;

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
    Filter.Comparison comparison =
        match.isWord(2, Role.OR_MORE) ? Filter.Comparison.AT_LEAST : Filter.Comparison.AT_MOST;
    Phrase.Comparing.ofSpans(
        comparison,
        match.find(0, Meaning.NumberWord.class),
        match.get(1, Meaning.TimeUnitWord.class),
        scope,
        out);
  }
}
