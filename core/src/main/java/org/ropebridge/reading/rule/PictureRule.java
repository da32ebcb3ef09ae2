package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "as a bar chart" [picture] -> how to show the answer */
final class PictureRule extends Rule {
  PictureRule() {
    super(Slot.a(Meaning.PictureWord.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Shown(match.get(0, Meaning.PictureWord.class).picture()));
  }
}
