package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "make it 10" [number] -> how many rows are wanted */
final class AmountAloneRule extends Rule {
  AmountAloneRule() {
    super(Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Named.count(match.get(0, Meaning.NumberWord.class).number())
        .ifPresent(n -> out.accept(new Contribution.Amount(n)));
  }
}
