package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "late orders" [late] [noun] -> those of its rows that were done after, by or before the date on
 * which they were due
 */
final class LateNounRule extends Rule {
  LateNounRule() {
    super(
        Slot.word(Role.NOT).maybe(),
        Slot.word(Role.LATE, Role.ON_TIME, Role.EARLY),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    Filter.Comparison comparison =
        LateRule.comparison(match.get(1, Meaning.FunctionWord.class), match.has(0));
    scope.unnamedDelays().stream()
        .filter(delay -> delay.table().equals(table))
        .forEach(
            delay ->
                out.accept(new Contribution.NounWith(table, LateRule.compare(delay, comparison))));
  }
}
