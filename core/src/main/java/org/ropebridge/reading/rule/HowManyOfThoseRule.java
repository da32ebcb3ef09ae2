package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how many of them stayed at Larkspur" [how many] [those] [rows, as what was done] -> of what the
 * answer before shows, how many have such rows
 */
final class HowManyOfThoseRule extends Rule {
  HowManyOfThoseRule() {
    super(Slot.word(Role.COUNT, Role.UNIQUE), Slot.word(Role.THOSE), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.CountOfThose(match.get(2, Meaning.RowNoun.class).table()));
  }
}
