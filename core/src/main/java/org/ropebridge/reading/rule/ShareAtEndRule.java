package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/** "revenue by hut, top 10 %" [share of a ranking] -> a ranking of the plan's own groups */
final class ShareAtEndRule extends Rule {
  ShareAtEndRule() {
    super(Slot.a(Phrase.RankShare.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(Rankings.share(match, 0, Optional.empty()));
  }
}
