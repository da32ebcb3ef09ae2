package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Listing;

/**
 * "from oldest to youngest", "youngest first" [oldest or youngest] [to the other end, or first] ->
 * rows in the order in which they began to be
 */
final class AgeOrderRule extends Rule {
  AgeOrderRule() {
    super(
        Slot.word(Role.SORTED).maybe(),
        Slot.word(Role.FROM, Role.SINCE).maybe(),
        Slot.word(Role.ELDEST, Role.YOUNGEST),
        Slot.word(Role.TO).maybe(),
        Slot.word(Role.YOUNGEST, Role.ELDEST, Role.FIRST));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean youngestFirst = match.isWord(2, Role.YOUNGEST);
    boolean opposite =
        match.isWord(4, Role.FIRST)
            ? !match.has(3)
            : match.has(3) && match.isWord(4, youngestFirst ? Role.ELDEST : Role.YOUNGEST);
    if (opposite) {
      scope
          .beginnings()
          .forEach(
              birth ->
                  out.accept(
                      new Contribution.FirstRows(
                          new Listing.Order(birth, youngestFirst), Optional.empty())));
    }
  }
}
