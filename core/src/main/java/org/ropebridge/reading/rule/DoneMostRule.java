package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "which branch lent the most", "who booked most often" [what was done] [most] -> ranked by how
 * many of its rows there are
 */
final class DoneMostRule extends Rule {
  DoneMostRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(
            Part.class,
            p ->
                p instanceof Meaning.OftenWord
                    || p instanceof Meaning.SuperlativeWord s && s.dimension().equals("amount")));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean most =
        match.get(1, Part.class) instanceof Meaning.OftenWord often
            ? often.most()
            : match.get(1, Meaning.SuperlativeWord.class).most();
    Relations.rowsDone(match, 0, scope)
        .ifPresent(
            table ->
                out.accept(
                    new Contribution.Extreme(
                        most ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM,
                        new Measure.RowCount(table))));
  }
}
