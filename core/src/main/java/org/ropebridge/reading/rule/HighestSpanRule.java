package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/** "highest month", "lowest week of 2025" [highest] [unit of time] -> the best of those */
final class HighestSpanRule extends Rule {
  HighestSpanRule() {
    super(
        Slot.a(Meaning.SuperlativeWord.class, Meaning.SuperlativeWord::isOfAnything),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByTime));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Ranked(
            Rankings.direction(match.get(0, Part.class)),
            match.isPlural(1) ? Contribution.Ranked.SEVERAL : 1,
            Optional.of(match.get(1, Phrase.Groupable.class).grouping()),
            Optional.empty()));
  }
}
