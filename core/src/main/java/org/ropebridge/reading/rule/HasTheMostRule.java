package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "did Larkspur have the most callouts" [did] [value] [have] [the most of something] -> its place
 */
final class HasTheMostRule extends Rule {
  HasTheMostRule() {
    super(
        Slot.word(Role.AUXILIARY, Role.HAVE),
        Slot.a(Phrase.Values.class, Rankings::isOne),
        Slot.word(Role.HAVE).maybe(),
        Slot.a(Contribution.Extreme.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Extreme extreme = match.get(3, Contribution.Extreme.class);
    out.accept(
        Rankings.place(
            match.get(1, Phrase.Values.class),
            Optional.of(extreme.direction()),
            Optional.of(extreme.by())));
  }
}
