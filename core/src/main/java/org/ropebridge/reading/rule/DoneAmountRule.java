package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "leaks that lost more than 80 m3", "products that sold more than 250 pieces" [noun] [what was
 * done] [comparison with unit] -> its rows with so many, or groups whose rows have so many
 * altogether
 */
final class DoneAmountRule extends Rule {
  DoneAmountRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAVE).maybe(),
        Slot.a(Part.class, Relations::mayBeDone),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Phrase.Comparing comparing = match.get(3, Phrase.Comparing.class);
    String done = Relations.rowsNamed(match, 2, scope).orElse("");
    if (!match.isParticiple(2)) {
      return;
    }
    for (ColumnRef column : scope.columnsIn(comparing.unit().orElseThrow())) {
      if (!column.table().equals(done)) {
        continue;
      } else if (done.equals(table)) {
        out.accept(new Contribution.NounWith(table, comparing.of(column)));
      } else if (scope.addsUp(column) && scope.pointsAt(done, table)) {
        Keeps.compared(Measure.Statistic.of(Measure.Kind.SUM, column), comparing, scope)
            .ifPresent(keep -> out.accept(new Contribution.Grouped(table, keep)));
      }
    }
  }
}
