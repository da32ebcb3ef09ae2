package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "were cancelled", "is by phone" [form of be] [filter] -> what is said of the rows */
final class PredicateRule extends Rule {
  PredicateRule() {
    super(Slot.word(Role.BE), Slot.a(Contribution.Narrowing.class));
  }

  @Override
  public double bonus() {
    return 0.14;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Predicate(match.get(1, Contribution.Narrowing.class).filter()));
  }
}
