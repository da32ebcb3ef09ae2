package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "more than 3 nights" [comparison] [amount] -> a comparison that waits for its column */
final class ComparingRule extends Rule {
  ComparingRule() {
    super(Slot.a(Meaning.ComparisonWord.class), Slot.a(Phrase.Amount.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Amount amount = match.get(1, Phrase.Amount.class);
    out.accept(
        new Phrase.Comparing(
            match.get(0, Meaning.ComparisonWord.class).comparison(),
            amount.number(),
            Optional.empty(),
            amount.unit()));
  }
}
