package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "at both Larkspur and Gneiss House" [both] [two values] -> rows of the one kind and rows of the
 * other
 */
final class BothValuesRule extends Rule {
  BothValuesRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.BOTH),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 2));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    out.accept(
        new Contribution.BothOf(
            new Filter.InValues(values.column(), List.of(values.stored().get(0)), false),
            new Filter.InValues(values.column(), List.of(values.stored().get(1)), false)));
  }
}
