package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "grew by more than 20 percent", "fell by 500" [movement] [by] [comparison or amount] -> of
 * groups, those that moved so far
 */
final class DriftByRule extends Rule {
  DriftByRule() {
    super(
        Slot.a(Contribution.Drifted.class, d -> d.most().isEmpty() && d.by().isEmpty()),
        Slot.word(Role.BY, Role.PLAIN_BY).maybe(),
        Slot.a(Part.class, p -> p instanceof Phrase.Amount || p instanceof Phrase.Comparing));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Drifted drifted = match.get(0, Contribution.Drifted.class);
    if (match.has(1) || match.get(2, Part.class) instanceof Phrase.Comparing) {
      Drifting.by(drifted, match.get(2, Part.class)).ifPresent(out);
    }
  }
}
