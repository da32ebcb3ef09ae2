package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how long were tickets open on average" [how long] [be] [noun] [be] [that the end has not come]
 * [on average] -> how long they took until it came
 */
final class HowLongOpenRule extends Rule {
  HowLongOpenRule() {
    super(
        Slot.a(Meaning.HowWord.class, h -> h.dimensions().contains(Dimensions.TIME)),
        Slot.word(Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(
            Part.class,
            p ->
                p instanceof Meaning.ConditionName
                    || p.equals(new Meaning.FunctionWord(Role.OPEN))),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    boolean open =
        match
            .find(4, Meaning.ConditionName.class)
            .map(c -> c.table().equals(table) && scope.endMissing(table, c.condition()).isPresent())
            .orElse(true);
    if (open) {
      scope
          .duration(table)
          .map(d -> Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, d)))
          .ifPresent(out);
    }
  }
}
