package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/**
 * "is Larkspur the busiest hut", "was Ossel the valley with the most callouts" [is] [value]
 * [ranking for one] -> its place
 */
final class IsFirstRule extends Rule {
  IsFirstRule() {
    super(
        Slot.word(Role.BE),
        Slot.a(Phrase.Values.class, Rankings::isOne),
        Slot.a(Contribution.Ranked.class, r -> r.count() == 1 && r.percent().isEmpty()));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    Contribution.Ranked ranked = match.get(2, Contribution.Ranked.class);
    if (ranked.what().equals(Optional.of(new Grouping.ByColumn(one.column())))) {
      out.accept(Rankings.place(one, Optional.of(ranked.direction()), ranked.by()));
    }
  }
}
