package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "year over year", "mom" [adverb of an earlier time] -> every measure beside its value one span
 * before
 */
final class EverySpanRule extends Rule {
  EverySpanRule() {
    super(Slot.a(Meaning.EarlierWord.class, Meaning.EarlierWord::adverb));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Versus(match.get(0, Meaning.EarlierWord.class).earlier()));
  }
}
