package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.TimeUnit;

/**
 * "all valleys", "for all time", "regardless of channel" [all] [what] -> nothing limits them any
 * more
 */
final class AllOfRule extends Rule {
  AllOfRule() {
    super(
        Slot.word(Role.ALL, Role.ALL_TIME, Role.REGARDLESS),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) && !match.isWord(0, Role.ALL_TIME)) {
      out.accept(new Contribution.AllOf(match.get(1, Phrase.Groupable.class).grouping()));
    } else if (!match.has(1) && match.isWord(0, Role.ALL_TIME)) {
      out.accept(new Contribution.AllOf(new Grouping.ByTime(TimeUnit.YEAR, Optional.empty())));
    }
  }
}
