package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "Northfold as a percentage of new members" [values] [as a percentage of] [measure] -> the part
 * that they have of it
 */
final class ValueAsShareOfRule extends Rule {
  ValueAsShareOfRule() {
    super(
        Slot.a(Phrase.Values.class),
        Slot.word(Role.AS_SHARE_OF),
        Slot.a(Part.class, Operands::isBasic));
  }

  @Override
  public double bonus() {
    return 0.55;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(0, Phrase.Values.class);
    out.accept(
        new Contribution.ShareOf(
            Operands.of(match.get(2, Part.class)), Optional.of(values.filter(false))));
  }
}
