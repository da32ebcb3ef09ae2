package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "make it 10" [number] -> how many rows are wanted */
final class AmountAloneRule extends Rule {
  private static final BigDecimal MOST = BigDecimal.valueOf(1_000);

  AmountAloneRule() {
    super(Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal number = match.get(0, Meaning.NumberWord.class).number();
    boolean counts =
        number.signum() > 0
            && number.compareTo(MOST) <= 0
            && number.stripTrailingZeros().scale() <= 0;
    if (counts) {
      out.accept(new Contribution.Amount(number.intValueExact()));
    }
  }
}
