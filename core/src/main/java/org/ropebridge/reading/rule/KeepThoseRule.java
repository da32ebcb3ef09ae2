package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "only those above 100k", "those with more than 2000 nights", "where is it under 50" [only]
 * [those] [where] [comparison] -> the groups of the answer before whose measure compares so
 */
final class KeepThoseRule extends Rule {
  KeepThoseRule() {
    super(
        Slot.word(Role.ONLY).maybe(),
        Slot.word(Role.THOSE, Role.ROWS_WORD).maybe(),
        Slot.word(Role.WHERE).maybe(),
        Slot.word(Role.WITH, Role.PREPOSITION, Role.BE, Role.HAVE).maybe(),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean pointed = match.has(0) || match.has(1);
    out.accept(new Contribution.KeepThose(match.get(4, Phrase.Comparing.class), !pointed));
  }
}
