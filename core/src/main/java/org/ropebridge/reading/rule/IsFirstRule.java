package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "is Larkspur the busiest hut", "was Ossel the valley with the most callouts", "is Larkspur the
 * highest hut" [is] [value] [ranking for one, or the first row by a column] -> its place
 */
final class IsFirstRule extends Rule {
  IsFirstRule() {
    super(
        Slot.word(Role.BE),
        Slot.a(Phrase.Values.class, Rankings::isOne),
        Slot.a(Part.class, IsFirstRule::isOfOne));
  }

  private static boolean isOfOne(Part part) {
    return part instanceof Contribution.Ranked ranked
            && ranked.count() == 1
            && ranked.percent().isEmpty()
        || part instanceof Contribution.EndRows rows
            && rows.count() == 1
            && rows.order().descending();
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    if (match.get(2, Part.class) instanceof Contribution.Ranked ranked) {
      if (ranked.what().equals(Optional.of(new Grouping.ByColumn(one.column())))) {
        out.accept(Rankings.place(one, Optional.of(ranked.direction()), ranked.by()));
      }
      return;
    }
    Contribution.EndRows rows = match.get(2, Contribution.EndRows.class);
    boolean fits =
        scope.namingColumn(rows.table()).equals(Optional.of(one.column()))
            && scope.holds(rows.order().by(), Column.Holds.NUMBER);
    if (fits) {
      Measure by = Measure.Statistic.of(Measure.Kind.AVERAGE, rows.order().by());
      out.accept(Rankings.place(one, Optional.of(Contribution.Direction.TOP), Optional.of(by)));
    }
  }
}
