package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "2 or 3 nights" [whole number] [or] [the next one] [unit] -> between the two */
final class EitherAmountRule extends Rule {
  EitherAmountRule() {
    super(
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.OR),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.UnitName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal low = match.get(0, Meaning.NumberWord.class).number();
    BigDecimal high = match.get(2, Meaning.NumberWord.class).number();
    if (Times.smallWhole(low) >= 0 && high.compareTo(low.add(BigDecimal.ONE)) == 0) {
      out.accept(
          new Phrase.Comparing(
              Filter.Comparison.BETWEEN,
              low,
              Optional.of(high),
              Optional.of(match.get(3, Meaning.UnitName.class).unit())));
    }
  }
}
