package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "2025-05", "5/2025" [period in digits] -> that period */
final class WrittenPeriodRule extends Rule {
  WrittenPeriodRule() {
    super(Slot.a(Meaning.PeriodWord.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Phrase.Time(match.get(0, Meaning.PeriodWord.class).period(), true));
  }
}
