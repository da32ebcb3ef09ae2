package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "€250" [sign of money] [number] -> an amount */
final class MoneyBeforeRule extends Rule {
  MoneyBeforeRule() {
    super(Slot.a(Meaning.UnitName.class), Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String unit = match.get(0, Meaning.UnitName.class).unit();
    if (match.adjoins(1) && scope.isMoney(unit)) {
      out.accept(
          new Phrase.Amount(match.get(1, Meaning.NumberWord.class).number(), Optional.of(unit)));
    }
  }
}
