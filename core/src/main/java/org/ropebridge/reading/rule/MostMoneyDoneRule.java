package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

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
    List<ColumnRef> amounts =
        scope.measuredBy(match.get(0, Meaning.RowNoun.class).table(), Dimensions.MONEY);
    if (amounts.size() == 1 && scope.addsUp(amounts.get(0))) {
      out.accept(
          new Contribution.Extreme(
              Rankings.direction(match.get(1, Part.class)),
              Measure.Statistic.of(Measure.Kind.SUM, amounts.get(0))));
    }
  }
}
