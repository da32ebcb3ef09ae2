package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "18, 31 and 51" [number] [and] [numbers] -> the numbers */
final class NumbersRule extends Rule {
  NumbersRule() {
    super(
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.COMMA, Role.AND).maybe(),
        Slot.a(Phrase.Numbers.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) != match.has(2)) {
      return;
    }
    List<BigDecimal> numbers = new ArrayList<>();
    numbers.add(match.get(0, Meaning.NumberWord.class).number());
    match.find(2, Phrase.Numbers.class).ifPresent(more -> numbers.addAll(more.numbers()));
    out.accept(new Phrase.Numbers(numbers));
  }
}
