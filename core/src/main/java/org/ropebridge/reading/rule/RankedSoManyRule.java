package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts with the highest revenue, top 5" [ranking of several] [comma] [top and a number] -> so many
 */
final class RankedSoManyRule extends Rule {
  RankedSoManyRule() {
    super(
        Slot.a(
            Part.class,
            p ->
                p instanceof Contribution.Ranked r && r.count() == Contribution.Ranked.SEVERAL
                    || p instanceof Contribution.EndRows),
        Slot.word(Role.COMMA),
        Slot.a(Phrase.RankHead.class, h -> h.count().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int count = match.get(2, Phrase.RankHead.class).count().orElseThrow();
    match
        .find(0, Contribution.Ranked.class)
        .ifPresent(
            r ->
                out.accept(
                    new Contribution.Ranked(r.direction(), count, r.what(), r.by(), r.percent())));
    match
        .find(0, Contribution.EndRows.class)
        .ifPresent(r -> out.accept(new Contribution.EndRows(r.table(), r.order(), count)));
  }
}
