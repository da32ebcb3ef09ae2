package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "top 5 requested species", "most visited huts" [head of a ranking, or most] [noun, as a
 * participle] [something to group by] -> ranked by how many of the noun's rows there are
 */
final class MostDoneRule extends Rule {
  MostDoneRule() {
    super(
        Slot.a(
            Part.class,
            p ->
                p instanceof Phrase.RankHead
                    || p instanceof Meaning.SuperlativeWord s && s.dimension().equals("amount")),
        Slot.a(Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Meaning.ColumnName),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Phrase.RankHead> head = match.find(0, Phrase.RankHead.class);
    boolean judged =
        head.filter(
                h ->
                    h.direction() == Contribution.Direction.BEST
                        || h.direction() == Contribution.Direction.WORST)
            .isPresent();
    Optional<String> rows =
        match
            .find(1, Meaning.RowNoun.class)
            .map(Meaning.RowNoun::table)
            .or(() -> Relations.rowsDone(match, 1, scope));
    if (!match.isParticiple(1) || judged || rows.isEmpty()) {
      return;
    }
    out.accept(
        new Contribution.Ranked(
            head.map(Phrase.RankHead::direction)
                .orElseGet(() -> Rankings.direction(match.get(0, Part.class))),
            head.flatMap(Phrase.RankHead::count)
                .orElse(match.isPlural(2) ? Contribution.Ranked.SEVERAL : 1),
            Optional.of(match.get(2, Phrase.Groupable.class).grouping()),
            Optional.of(new Measure.RowCount(rows.get()))));
  }
}
