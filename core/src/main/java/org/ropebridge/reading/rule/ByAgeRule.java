package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "newest first" [direction of time] -> rows of before by their date */
final class ByAgeRule extends Rule {
  ByAgeRule() {
    super(Slot.a(Meaning.DirectionWord.class, Meaning.DirectionWord::ofTime));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.ByAge(match.get(0, Meaning.DirectionWord.class).descending()));
  }
}
