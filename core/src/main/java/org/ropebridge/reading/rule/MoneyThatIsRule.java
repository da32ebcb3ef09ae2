package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "how much money is outstanding" [money] [is] [condition] -> the only amount of money of rows that
 * meet it
 */
final class MoneyThatIsRule extends Rule {
  MoneyThatIsRule() {
    super(Slot.word(Role.MONEY), Slot.word(Role.BE).maybe(), Slot.a(Meaning.ConditionName.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ConditionName condition = match.get(2, Meaning.ConditionName.class);
    List<ColumnRef> amounts = scope.measuredBy(condition.table(), Dimensions.MONEY);
    if (amounts.size() == 1 && scope.addsUp(amounts.get(0))) {
      out.accept(
          new Contribution.Together(
              List.of(
                  Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.SUM, amounts.get(0))),
                  new Contribution.Narrowing(
                      new Filter.Meets(condition.table(), condition.condition(), false)))));
    }
  }
}
