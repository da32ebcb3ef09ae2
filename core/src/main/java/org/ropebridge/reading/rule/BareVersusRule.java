package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/** "revenue in May, the year before" [earlier time] -> every measure beside its value then */
final class BareVersusRule extends Rule {
  BareVersusRule() {
    super(Slot.a(Phrase.EarlierTime.class));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                match.get(0, Phrase.EarlierTime.class).versus(),
                new Contribution.VersusByItself())));
  }
}
