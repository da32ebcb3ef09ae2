package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "share of group bookings" [share] [noun with a filter] -> the part of all its rows that falls on
 * such rows
 */
final class ShareOfNounWithRule extends Rule {
  ShareOfNounWithRule() {
    super(Slot.word(Role.SHARE), Slot.a(Contribution.NounWith.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.NounWith noun = match.get(1, Contribution.NounWith.class);
    out.accept(
        new Contribution.ShareOf(new Measure.RowCount(noun.table()), Optional.of(noun.filter())));
  }
}
