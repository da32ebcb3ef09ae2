package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.TimeUnit;

/**
 * "when was revenue highest", "in which valley is occupancy lowest" [when, or in which] [be]
 * [measure] [superlative] -> the month, or group, at that end of the measure
 */
final class WhenHighestRule extends Rule {
  WhenHighestRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.WHEN, Role.WHICH),
        Slot.a(Phrase.Groupable.class).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1),
        Slot.word(Role.BE).maybe(),
        Slot.a(Part.class, p -> Rankings.isEnd(p) || p instanceof Meaning.RankWord));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean when = match.isWord(1, Role.WHEN);
    if (when == match.has(2) || match.has(3) && match.has(5)) {
      return;
    }
    Grouping what =
        when
            ? new Grouping.ByTime(TimeUnit.MONTH, Optional.empty())
            : match.get(2, Phrase.Groupable.class).grouping();
    out.accept(
        new Contribution.Ranked(
            Rankings.direction(match.get(6, Part.class)),
            match.isPlural(2) ? Contribution.Ranked.SEVERAL : 1,
            Optional.of(what),
            Optional.of(match.get(4, Contribution.Measures.class).measures().get(0))));
  }
}
