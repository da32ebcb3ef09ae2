package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how many callouts in 2025 were serious" [be] [what tells apart the rows that a metric counts] ->
 * that metric, in place of the number of all
 */
final class CountedApartRule extends Rule {
  CountedApartRule() {
    super(Slot.word(Role.BE), Slot.a(Meaning.CountedWord.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.CountedApart(match.get(1, Meaning.CountedWord.class).metric()));
  }
}
