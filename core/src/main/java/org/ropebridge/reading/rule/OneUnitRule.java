package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;

/**
 * "longer than an hour", "over a kilo" [comparison] [unit of the model's, or one like it] -> one of
 * it
 */
final class OneUnitRule extends Rule {
  OneUnitRule() {
    super(
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(
            Part.class, p -> p instanceof Meaning.UnitMultiple || p instanceof Meaning.UnitName));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.Comparison comparison = match.get(0, Meaning.ComparisonWord.class).comparison();
    if (match.get(1, Part.class) instanceof Meaning.UnitMultiple like) {
      like.ratio()
          .converted(BigDecimal.ONE)
          .ifPresent(amount -> out.accept(compared(comparison, amount, like.unit())));
    } else if (!match.isPlural(1)) {
      String unit = match.get(1, Meaning.UnitName.class).unit();
      out.accept(compared(comparison, BigDecimal.ONE, unit));
    }
  }

  private static Part compared(Filter.Comparison comparison, BigDecimal amount, String unit) {
    return new Phrase.Comparing(comparison, amount, Optional.empty(), Optional.of(unit));
  }
}
