package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "among huts above 2000 m, which has the most revenue" [which] [has] [the most] -> the one of
 * those that were named before
 */
final class WhichOfThemRule extends Rule {
  WhichOfThemRule() {
    super(
        Slot.word(Role.WHICH, Role.WHO),
        Slot.word(Role.HAVE, Role.BE).maybe(),
        Slot.a(Contribution.Extreme.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(new Contribution.SubjectBefore(), match.get(2, Contribution.Extreme.class))));
  }
}
