package org.ropebridge.reading.rule;

import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "products with an average rating under 3 stars" [with] [measure] [comparison] [column that it is
 * made of] -> keeps groups whose measure compares so
 */
final class KeepMeasureInRule extends Rule {
  KeepMeasureInRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.BE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()),
        Slot.word(Role.BE, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure measure = match.get(1, Contribution.Measures.class).measures().get(0);
    ColumnRef column = match.get(4, Meaning.ColumnName.class).column();
    boolean toldIn =
        scope.holds(column, Column.Holds.NUMBER)
            && MeasureTables.of(measure, scope.model()).equals(Set.of(column.table()));
    if (toldIn) {
      Keeps.compared(measure, match.get(3, Phrase.Comparing.class), scope)
          .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
    }
  }
}
