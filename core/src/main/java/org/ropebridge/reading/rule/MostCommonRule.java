package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "the most common reason for cancellation" [number] [most common] [column] -> its values that most
 * rows have
 */
final class MostCommonRule extends Rule {
  MostCommonRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.CommonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(3, Meaning.ColumnName.class).column();
    Optional<Integer> number =
        match
            .find(0, Meaning.NumberWord.class)
            .or(() -> match.find(2, Meaning.NumberWord.class))
            .map(n -> Times.smallWhole(n.number()));
    boolean fits =
        !scope.model().namesItsTable(column)
            && !scope.isTemporal(column)
            && !(match.has(0) && match.has(2))
            && number.filter(n -> n < 1).isEmpty();
    if (fits) {
      out.accept(
          new Contribution.Ranked(
              match.get(1, Meaning.CommonWord.class).most()
                  ? Contribution.Direction.TOP
                  : Contribution.Direction.BOTTOM,
              number.orElse(match.isPlural(3) ? Contribution.Ranked.SEVERAL : 1),
              Optional.of(new Grouping.ByColumn(column)),
              Optional.of(new Measure.RowCount(column.table()))));
    }
  }
}
