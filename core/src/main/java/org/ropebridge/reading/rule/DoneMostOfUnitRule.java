package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "which operator made the most pieces" [amount, as a participle] [most] [its unit] -> ranked by
 * the total of that amount
 */
final class DoneMostOfUnitRule extends Rule {
  DoneMostOfUnitRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.SuperlativeWord.class, s -> s.dimension().equals("amount")),
        Slot.a(Meaning.UnitName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    Column amount = scope.model().column(column);
    boolean counted =
        match.isParticiple(0)
            && scope.addsUp(column)
            && amount.unit().equals(Optional.of(match.get(2, Meaning.UnitName.class).unit()));
    if (counted) {
      out.accept(
          new Contribution.Extreme(
              Rankings.direction(match.get(1, Part.class)),
              Measure.Statistic.of(Measure.Kind.SUM, column.withoutRole())));
    }
  }
}
