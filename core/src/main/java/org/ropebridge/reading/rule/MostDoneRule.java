package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "top 5 requested species", "most visited huts" [head of a ranking, or most] [noun, as a
 * participle] [something to group by] -> ranked by how many of the noun's rows there are; "best
 * rated products", by what these are judged by
 */
final class MostDoneRule extends Rule {
  MostDoneRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(
            Part.class,
            p ->
                p instanceof Phrase.RankHead
                    || p instanceof Meaning.SuperlativeWord s
                        && (s.isOfAnything() || s.dimension().equals("amount"))),
        Slot.a(Part.class, Columns::isColumn),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Phrase.RankHead> head = match.find(1, Phrase.RankHead.class);
    boolean judged =
        head.filter(
                h ->
                    h.direction() == Contribution.Direction.BEST
                        || h.direction() == Contribution.Direction.WORST)
            .isPresent();
    Optional<String> rows = Relations.rowsNamed(match, 2, scope);
    int count = head.flatMap(Phrase.RankHead::count).orElse(Rankings.wanted(match, 0, 3));
    boolean byLevel =
        judged
            || match
                .find(1, Meaning.SuperlativeWord.class)
                .filter(Meaning.SuperlativeWord::isOfAnything)
                .isPresent();
    Optional<Measure> by =
        byLevel ? rows.flatMap(t -> Relations.judgedBy(t, scope)) : rows.map(Measure.RowCount::new);
    if (!match.isParticiple(2) || by.isEmpty() || count < 1) {
      return;
    }
    out.accept(
        new Contribution.Ranked(
            head.map(Phrase.RankHead::direction)
                .orElseGet(() -> Rankings.direction(match.get(1, Part.class))),
            count,
            Optional.of(match.get(3, Phrase.Groupable.class).grouping()),
            by));
  }
}
