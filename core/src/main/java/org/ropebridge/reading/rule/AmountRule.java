package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "2000 m", "3 nights" [number] [unit] -> an amount */
final class AmountRule extends Rule {
  AmountRule() {
    super(Slot.a(Meaning.NumberWord.class), Slot.a(Meaning.UnitName.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Amount(
            match.get(0, Meaning.NumberWord.class).number(),
            match.find(1, Meaning.UnitName.class).map(Meaning.UnitName::unit)));
  }
}
