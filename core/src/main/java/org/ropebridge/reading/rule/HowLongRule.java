package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how long are the bridges", "how long do callouts last", "how heavy is the average parcel" [how
 * long] [average] [noun] [average] -> the average of the column that it measures
 */
final class HowLongRule extends Rule {
  HowLongRule() {
    super(
        Slot.a(Meaning.HowWord.class),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.LAST).maybe(),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    if (match.has(1) && match.has(4)) {
      return;
    }
    Columns.measured(Measure.Kind.AVERAGE, table, match.get(0, Meaning.HowWord.class), scope)
        .ifPresent(out);
  }
}
