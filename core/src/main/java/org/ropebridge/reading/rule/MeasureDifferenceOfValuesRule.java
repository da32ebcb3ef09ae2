package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "revenue difference between Ossel and Brannick", "difference between Ossel and Brannick in
 * revenue" [measure] [difference] [between] [value] [and] [value] [measure] -> the one less the
 * other
 */
final class MeasureDifferenceOfValuesRule extends Rule {
  MeasureDifferenceOfValuesRule() {
    super(
        Slot.a(Part.class, Operands::isOperand).maybe(),
        Slot.a(Part.class, DifferenceOfValuesRule::isDifference),
        Slot.word(Role.BETWEEN, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.AND, Role.TO),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) != match.has(7)) {
      DifferenceOfValuesRule.difference(
          match.get(match.has(0) ? 0 : 7, Part.class),
          match.get(3, Phrase.Values.class),
          match.get(5, Phrase.Values.class),
          out);
    }
  }
}
