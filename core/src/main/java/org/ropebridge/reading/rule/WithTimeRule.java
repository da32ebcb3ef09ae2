package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "revenue by month with last year" [with] [a time that is over] -> every measure beside its value
 * in that time
 */
final class WithTimeRule extends Rule {
  WithTimeRule() {
    super(Slot.word(Role.WITH), Slot.a(Phrase.Time.class, WithTimeRule::isOver));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.VersusTime(match.get(1, Phrase.Time.class), Contribution.With.NOTHING));
  }

  private static boolean isOver(Phrase.Time time) {
    return time.period() instanceof Period.Relative last
        && last.to() < 0
        && last.from() == last.to();
  }
}
