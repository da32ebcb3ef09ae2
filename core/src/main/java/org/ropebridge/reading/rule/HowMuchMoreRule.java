package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how much more revenue does Ossel make than Brannick" [how much more] [measure] [does] [value]
 * [have] [than] [value] -> the one less the other
 */
final class HowMuchMoreRule extends Rule {
  HowMuchMoreRule() {
    super(
        Slot.word(Role.HOW_MUCH_MORE),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AUXILIARY, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.HAVE, Role.DOING).maybe(),
        Slot.word(Role.VERSUS),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    DifferenceOfValuesRule.difference(
        match.get(1, Part.class),
        match.get(3, Phrase.Values.class),
        match.get(6, Phrase.Values.class),
        out);
  }
}
