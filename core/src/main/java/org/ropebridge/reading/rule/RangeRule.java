package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "1 to 2", "1-2" [number] [to] [number] -> a range of whole numbers */
final class RangeRule extends Rule {
  RangeRule() {
    super(
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.TO).maybe(),
        Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal low = match.get(0, Meaning.NumberWord.class).number();
    BigDecimal high = match.get(2, Meaning.NumberWord.class).number();
    if (low.compareTo(high) < 0) {
      out.accept(new Phrase.Ranges(List.of(low, high.add(BigDecimal.ONE))));
    }
  }
}
