package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "how long do members stay" [how long] [noun] [noun of what they do] [average] -> the average of
 * how long that is
 */
final class HowLongDoneRule extends Rule {
  HowLongDoneRule() {
    super(
        Slot.a(Meaning.HowWord.class),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(1, Meaning.RowNoun.class).table();
    String table = match.get(2, Meaning.RowNoun.class).table();
    if (match.isPlural(1) && scope.pointsAt(table, who)) {
      Columns.measured(Measure.Kind.AVERAGE, table, match.get(0, Meaning.HowWord.class), scope)
          .ifPresent(out);
    }
  }
}
