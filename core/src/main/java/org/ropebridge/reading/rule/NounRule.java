package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "stays by channel" [noun] -> the noun by itself: what is counted, or what the question is about
 */
final class NounRule extends Rule {
  NounRule() {
    super(Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Noun(match.get(0, Meaning.RowNoun.class).table()));
  }
}
