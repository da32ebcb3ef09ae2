package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/**
 * "members older than 60 who stayed in 2025" [noun with a filter] [what was done] -> of those, the
 * ones at which such rows point
 */
final class DidTooRule extends Rule {
  DidTooRule() {
    super(Slot.a(Contribution.NounWith.class), Slot.a(Part.class, Relations::mayName));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.NounWith rows = match.get(0, Contribution.NounWith.class);
    Relations.done(match, 1, rows.table(), scope)
        .ifPresent(did -> out.accept(new Contribution.Together(List.of(rows, did))));
  }
}
