package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "and the year before that" [and] [earlier time] [that] -> the time of before, so much earlier */
final class SpanBeforeRule extends Rule {
  SpanBeforeRule() {
    super(
        Slot.word(Role.AND).maybe(),
        Slot.a(
            Meaning.EarlierWord.class,
            w -> w.use() == Meaning.EarlierUse.TIME && w.earlier() instanceof Measure.UnitBefore),
        Slot.word(Role.THAT).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Earlier earlier = match.get(1, Meaning.EarlierWord.class).earlier();
    out.accept(new Contribution.SpanBefore(((Measure.UnitBefore) earlier).unit()));
  }
}
