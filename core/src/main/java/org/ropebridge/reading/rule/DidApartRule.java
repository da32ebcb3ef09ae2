package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;

/**
 * "members without email who stayed in 2025" [noun] [filter of its own] [what was done] -> of
 * those, the ones at which such rows point
 */
final class DidApartRule extends Rule {
  DidApartRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Contribution.Narrowing.class, DidApartRule::isOwn),
        Slot.a(Part.class, Relations::mayName));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    Relations.done(match, 2, anchor, scope)
        .ifPresent(
            did ->
                out.accept(
                    new Contribution.Together(
                        List.of(
                            new Contribution.Noun(anchor),
                            match.get(1, Contribution.Narrowing.class),
                            did))));
  }

  private static boolean isOwn(Contribution.Narrowing narrowing) {
    return narrowing.filter() instanceof Filter.Missing
        || narrowing.filter() instanceof Filter.Compare
        || narrowing.filter() instanceof Filter.InPeriod in && in.date().isPresent();
  }
}
