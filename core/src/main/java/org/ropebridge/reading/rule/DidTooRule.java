package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "members older than 60 who stayed in 2025" [noun with a filter] [what was done] -> of those, the
 * ones at which such rows point
 */
final class DidTooRule extends Rule {
  DidTooRule() {
    super(
        Slot.a(Contribution.NounWith.class),
        Slot.a(Part.class, p -> p instanceof Meaning.RowNoun || Relations.mayBeDone(p)));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.NounWith rows = match.get(0, Contribution.NounWith.class);
    Optional<String> table =
        match.isParticiple(1) ? Relations.rowsNamed(match, 1, scope) : Optional.empty();
    table
        .filter(t -> Scope.pointsAt(t, rows.table(), scope))
        .ifPresent(
            t ->
                out.accept(
                    new Contribution.Together(
                        List.of(rows, new Contribution.RelatedApart(t, List.of(), false)))));
  }
}
