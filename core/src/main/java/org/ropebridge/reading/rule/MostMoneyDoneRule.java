package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "who claimed the most money" [noun, as a verb] [most] [money] -> ranked by the only amount of
 * money that its rows have
 */
final class MostMoneyDoneRule extends Rule {
  MostMoneyDoneRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.SuperlativeWord.class, s -> s.dimension().equals("amount")),
        Slot.word(Role.MONEY));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Columns.totalMoney(match.get(0, Meaning.RowNoun.class).table(), scope)
        .ifPresent(
            total ->
                out.accept(
                    new Contribution.Extreme(Rankings.direction(match.get(1, Part.class)), total)));
  }
}
