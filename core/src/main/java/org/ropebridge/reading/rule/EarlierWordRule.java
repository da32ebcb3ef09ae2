package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "the year before" [earlier time] -> that time */
final class EarlierWordRule extends Rule {
  EarlierWordRule() {
    super(Slot.a(Meaning.EarlierWord.class, w -> !w.adverb()));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.EarlierWord word = match.get(0, Meaning.EarlierWord.class);
    out.accept(new Phrase.EarlierTime(word.earlier(), word.of(), word.isOfSameDays()));
  }
}
