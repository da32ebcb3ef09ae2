package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "price per litre" [amount of money] [per] [unit] -> the money of before by what is counted in it
 */
final class PriceEachRule extends Rule {
  PriceEachRule() {
    super(
        Slot.a(Part.class, p -> Operands.isOperandOrColumn(p) && !(p instanceof Meaning.RowNoun)),
        Slot.word(Role.PER),
        Slot.a(Meaning.UnitName.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Measure.Plain> said = Operands.find(match.get(0, Part.class), scope);
    if (said.filter(scope::isMoney).isPresent()) {
      out.accept(new Contribution.PriceEach(match.get(2, Meaning.UnitName.class).unit()));
    }
  }
}
