package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

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
    Filter met = new Filter.Meets(condition.table(), condition.condition(), false);
    Columns.totalMoney(condition.table(), scope)
        .ifPresent(
            total ->
                out.accept(
                    new Contribution.Together(
                        List.of(
                            Contribution.Measures.of(total), new Contribution.Narrowing(met)))));
  }
}
