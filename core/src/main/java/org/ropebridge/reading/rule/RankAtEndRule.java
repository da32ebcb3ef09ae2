package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "revenue by hut, top 5", "top 5 by revenue" [head with a number] [by] [measure] -> a ranking of
 * the plan's own groups
 */
final class RankAtEndRule extends Rule {
  RankAtEndRule() {
    super(
        Slot.a(Phrase.RankHead.class, h -> h.count().isPresent()),
        Slot.word(Role.BY).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) != match.has(2)) {
      return;
    }
    Phrase.RankHead head = match.get(0, Phrase.RankHead.class);
    out.accept(
        new Contribution.Ranked(
            head.direction(),
            head.count().orElseThrow(),
            Optional.empty(),
            match.find(2, Contribution.Measures.class).map(m -> m.measures().get(0))));
  }
}
