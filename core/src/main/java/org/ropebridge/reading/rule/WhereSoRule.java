package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "where channel is phone", of what was asked before [where] [filter] -> only rows that are so */
final class WhereSoRule extends Rule {
  WhereSoRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.a(
            Part.class,
            p -> p instanceof Contribution.Narrowing || p instanceof Contribution.Predicate));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() == 0) {
      out.accept(
          match
              .find(1, Contribution.Narrowing.class)
              .orElseGet(
                  () ->
                      new Contribution.Narrowing(
                          match.get(1, Contribution.Predicate.class).filter())));
    }
  }
}
