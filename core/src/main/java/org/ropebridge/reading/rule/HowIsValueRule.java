package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "how high is Larkspur" [how high] [values that name rows] -> those rows with the column that it
 * measures
 */
final class HowIsValueRule extends Rule {
  HowIsValueRule() {
    super(Slot.a(Meaning.HowWord.class), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    String table = values.column().table();
    List<ColumnRef> columns =
        match.get(0, Meaning.HowWord.class).dimensions().stream()
            .flatMap(d -> scope.measuredBy(table, d).stream())
            .distinct()
            .toList();
    if (columns.size() == 1 && scope.model().namesItsTable(values.column())) {
      out.accept(
          new Contribution.Rows(
              table,
              List.of(values.column(), columns.get(0)),
              List.of(new Filter.InValues(values.column(), values.stored(), false))));
    }
  }
}
