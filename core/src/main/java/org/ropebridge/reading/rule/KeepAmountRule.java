package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "more than 500 guest nights", "at least 3 callouts" [comparison] [measure or noun] -> keeps
 * groups whose measure compares so
 */
final class KeepAmountRule extends Rule {
  KeepAmountRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.SHOWING).maybe(),
        Slot.a(Phrase.Comparing.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, p -> Operands.isOperand(p) && !Operands.isBare(p)));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    if (match.get(3, Part.class) instanceof Meaning.RowNoun && match.isParticiple(3)) {
      // "members under 25 who stayed" are not those with fewer than 25 stays.
      return;
    }
    Measure measure = Operands.of(match.get(3, Part.class));
    Keeps.compared(measure, comparing, scope)
        .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
  }
}
