package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;

/**
 * "which hut had the most guest nights", "the 10 huts with the highest revenue" [number] [something
 * to group by] [superlative] [filter] [new] [measure] [their date] -> a ranking by the measure
 */
final class GroupWithMostRule extends Rule {
  GroupWithMostRule() {
    super(
        Slot.word(Role.WHICH, Role.WHO).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Rankings::isEndOrBound),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.word(Role.NEW).maybe(),
        Slot.a(Part.class, Rankings::canRank),
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.word(Role.LIVING).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  /** "at what hour do most stoppages begin": that they do says nothing more. */
  private static boolean isTheirDate(Match match, Scope scope) {
    return match
        .find(8, Meaning.ColumnName.class)
        .map(Meaning.ColumnName::column)
        .map(
            date ->
                match
                        .find(7, Meaning.RowNoun.class)
                        .filter(n -> n.table().equals(date.table()))
                        .isPresent()
                    && scope.isMainDate(date))
        .orElse(true);
  }

  private static Contribution dated(Contribution.Ranked ranked, Grouping by) {
    ColumnRef date = ((Grouping.ByTime) by).date().orElseThrow();
    return new Contribution.Together(
        List.of(ranked.of(by), new Contribution.Narrowing(new Filter.Missing(date, true))));
  }

  /** "in which month did most animals die": by when they did, which is not their own date. */
  private static Optional<Grouping> byOtherDate(Match match, Scope scope) {
    Optional<ColumnRef> date =
        match
            .find(8, Meaning.ColumnName.class)
            .map(Meaning.ColumnName::column)
            .filter(scope::isTemporal)
            .filter(
                d ->
                    match
                        .find(7, Meaning.RowNoun.class)
                        .filter(n -> n.table().equals(d.table()))
                        .isPresent());
    return match.get(2, Phrase.Groupable.class).grouping() instanceof Grouping.ByTime time
            && time.date().isEmpty()
        ? date.map(d -> new Grouping.ByTime(time.unit(), Optional.of(d)))
        : Optional.empty();
  }

  /**
   * "new customers" are those that came then; whether something is so is no group to rank, and who
   * is no number.
   */
  private static boolean isSound(Match match, Scope scope) {
    boolean dated =
        match
            .find(7, Meaning.RowNoun.class)
            .filter(n -> !scope.datesOf(n.table()).isEmpty())
            .isPresent();
    boolean group =
        !(match.get(2, Phrase.Groupable.class).grouping() instanceof Grouping.ByColumn by)
            || !scope.holds(by.column(), Column.Holds.YES_NO)
                && !(match.isWord(0, Role.WHO) && scope.holds(by.column(), Column.Holds.NUMBER));
    return group && (dated || !match.has(6));
  }

  /** "who wrote the most articles": there is one of each article. */
  private static boolean isByItself(Match match, Scope scope) {
    return match.get(2, Phrase.Groupable.class).grouping() instanceof Grouping.ByColumn by
        && by.column().role().isEmpty()
        && scope.model().namesItsTable(by.column())
        && match
            .find(7, Meaning.RowNoun.class)
            .filter(n -> n.table().equals(by.column().table()))
            .isPresent();
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Grouping> other = byOtherDate(match, scope);
    // "the day with the highest output": rows that are counted are said of several.
    boolean oneRow =
        match.get(7, Part.class) instanceof Meaning.RowNoun
            && match.get(4, Part.class) instanceof Meaning.SuperlativeWord end
            && !end.dimension().equals("amount")
            && !match.isPlural(7);
    if (!oneRow
        && !isByItself(match, scope)
        && isSound(match, scope)
        && Rankings.fits(match.get(4, Part.class), match.get(7, Part.class), scope)
        && (other.isPresent() || isTheirDate(match, scope))) {
      Rankings.groups(
              match,
              1,
              2,
              Rankings.direction(match.get(4, Part.class)),
              Rankings.measure(match.get(7, Part.class)))
          .<Contribution>map(r -> other.<Contribution>map(g -> dated(r, g)).orElse(r))
          .ifPresent(r -> out.accept(Rankings.narrowed(r, match, 5)));
    }
  }
}
