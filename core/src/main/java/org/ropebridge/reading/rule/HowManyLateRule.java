package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "how many days late are deliveries on average" [how many] [how long after they were due rows were
 * done] [be] [noun] [on average] -> the average of that
 */
final class HowManyLateRule extends Rule {
  HowManyLateRule() {
    super(
        Slot.word(Role.COUNT),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {

    ColumnRef delay = match.get(1, Meaning.ColumnName.class).column();
    boolean theirs =
        match.find(3, Meaning.RowNoun.class).map(n -> n.table().equals(delay.table())).orElse(true);
    if (theirs && scope.delays().contains(delay)) {
      out.accept(Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, delay)));
    }
  }
}
