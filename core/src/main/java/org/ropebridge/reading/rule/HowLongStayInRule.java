package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how long do pupils stay in a club" [how long] [noun] [stay] [in] [noun] [on average] -> how long
 * the rows between the two took
 */
final class HowLongStayInRule extends Rule {
  HowLongStayInRule() {
    super(
        Slot.a(Meaning.HowWord.class, h -> h.dimensions().contains(Dimensions.TIME)),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.STAYING, Role.STILL_HERE),
        Slot.word(Role.PREPOSITION, Role.WITH),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(1, Meaning.RowNoun.class).table();
    String where = match.get(4, Meaning.RowNoun.class).table();
    scope
        .pointing(where, who)
        .filter(between -> !between.equals(where))
        .flatMap(scope::duration)
        .ifPresent(
            d ->
                out.accept(
                    Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, d))));
  }
}
