package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "the latest", "when was the last one" [when] [was] [newest or oldest] -> the row at that end of
 * their date
 */
final class NewestOfRule extends Rule {
  NewestOfRule() {
    super(
        Slot.word(Role.WHEN, Role.WHICH, Role.WHO).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.NEWEST, Role.OLDEST, Role.ELDEST, Role.YOUNGEST));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.NewestOf(match.isWord(2, Role.NEWEST) || match.isWord(2, Role.YOUNGEST)));
  }
}
