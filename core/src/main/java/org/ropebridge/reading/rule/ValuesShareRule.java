package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "no-show share", "website percentage" [value] [share] -> the part of all rows that has it */
final class ValuesShareRule extends Rule {
  ValuesShareRule() {
    super(Slot.a(Phrase.Values.class, v -> v.stored().size() == 1), Slot.word(Role.SHARE));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(0, Phrase.Values.class);
    if (match.adjoins(1) && scope.namingColumn(values.column().table()).isEmpty()) {
      out.accept(
          Contribution.Measures.of(
              new Measure.Portion(
                  new Measure.RowCount(values.column().table()), List.of(values.filter(false)))));
    }
  }
}
