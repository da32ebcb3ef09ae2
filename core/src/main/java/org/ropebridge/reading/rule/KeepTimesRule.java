package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "pipes that leaked more than 5 times" [noun] [comparison] [times] -> keeps groups with so many of
 * its rows
 */
final class KeepTimesRule extends Rule {
  KeepTimesRule() {
    super(
        Slot.word(Role.HAVE, Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Columns::isColumn),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()),
        Slot.word(Role.TIMES));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Relations.rowsNamed(match, 1, scope)
        .map(Measure.RowCount::new)
        .flatMap(count -> Keeps.compared(count, match.get(2, Phrase.Comparing.class), scope))
        .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
  }
}
