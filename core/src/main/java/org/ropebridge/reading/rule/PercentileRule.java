package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "90th percentile" [ordinal] [percentile] -> that statistic */
final class PercentileRule extends Rule {
  PercentileRule() {
    super(
        Slot.a(Meaning.OrdinalWord.class, o -> o.number() >= 1 && o.number() <= 99),
        Slot.word(Role.PERCENTILE));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Statistics(
            List.of(
                new Phrase.Statistic(
                    Measure.Kind.PERCENTILE, match.get(0, Meaning.OrdinalWord.class).number()))));
  }
}
