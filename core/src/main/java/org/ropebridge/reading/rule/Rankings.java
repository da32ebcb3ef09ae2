package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/** What rankings share. */
final class Rankings {
  private Rankings() {}

  /** Whether the part can rank: one measure, or a noun whose rows are counted. */
  static boolean canRank(Part part) {
    return part instanceof Contribution.Measures m && m.measures().size() == 1
        || part instanceof Meaning.RowNoun;
  }

  /** What ranks, of those rows only that a slot keeps. */
  static Contribution narrowed(Contribution ranking, Match match, int filter) {
    return match
        .find(filter, Contribution.Narrowing.class)
        .<Contribution>map(n -> new Contribution.Together(List.of(ranking, n)))
        .orElse(ranking);
  }

  /**
   * A ranking of groups by a measure; empty when their number is none.
   *
   * @param number the slot that may say how many are wanted
   * @param group the slot of what is ranked
   */
  static Optional<Contribution.Ranked> groups(
      Match match, int number, int group, Contribution.Direction direction, Measure by) {
    int count = wanted(match, number, group);
    return count < 1
        ? Optional.empty()
        : Optional.of(
            new Contribution.Ranked(
                direction,
                count,
                Optional.of(match.get(group, Phrase.Groupable.class).grouping()),
                Optional.of(by)));
  }

  /**
   * The same, where what ranks can be told at the end that is said.
   *
   * @param end the slot of the end
   * @param measure the slot of what ranks
   */
  static Optional<Contribution.Ranked> atEnd(
      Match match, int count, int group, int end, int measure, Scope scope) {
    Part by = match.get(measure, Part.class);
    return fits(match.get(end, Part.class), by, scope)
        ? Optional.of(
            new Contribution.Ranked(
                direction(match.get(end, Part.class)),
                count,
                Optional.of(match.get(group, Phrase.Groupable.class).grouping()),
                Optional.of(measure(by))))
        : Optional.empty();
  }

  /** The same; where what is ranked stands apart, what ranks it. */
  static Optional<Contribution> groupsOrExtreme(
      Match match, int number, int group, Contribution.Direction direction, Measure by) {
    if (match.has(group)) {
      return groups(match, number, group, direction, by).map(r -> r);
    }
    return match.has(number)
        ? Optional.empty()
        : Optional.of(new Contribution.Extreme(direction, by));
  }

  /**
   * A ranking that keeps so many of every hundred groups.
   *
   * @param share the slot of how many
   */
  static Contribution.Ranked share(Match match, int share, Optional<Grouping> what) {
    Phrase.RankShare of = match.get(share, Phrase.RankShare.class);
    return new Contribution.Ranked(
        of.direction(),
        Contribution.Ranked.SEVERAL,
        what,
        Optional.empty(),
        Optional.of(of.percent()));
  }

  /** Whether exactly one is named. */
  static boolean isOne(Phrase.Values values) {
    return values.stored().size() == 1;
  }

  /**
   * The place of a value among all; empty where it is asked for among others than its like.
   *
   * @param value the slot of the one
   * @param among the slot of what it is among
   */
  static Optional<Contribution> place(Match match, int value, int among) {
    Phrase.Values one = match.get(value, Phrase.Values.class);
    boolean likes =
        match
            .find(among, Phrase.Groupable.class)
            .map(g -> g.grouping().equals(new Grouping.ByColumn(one.column())))
            .orElse(true);
    return likes ? Optional.of(place(one, Optional.empty(), Optional.empty())) : Optional.empty();
  }

  static Contribution place(
      Phrase.Values one, Optional<Contribution.Direction> end, Optional<Measure> by) {
    return new Contribution.Standing(one.column(), one.stored().get(0), end, by);
  }

  /** How many are wanted: the number that is said, or one, or several of a plural. */
  static int wanted(Match match, int number, int noun) {
    return match
        .find(number, Meaning.NumberWord.class)
        .map(n -> Times.smallWhole(n.number()))
        .orElse(match.isPlural(noun) ? Contribution.Ranked.SEVERAL : 1);
  }

  /**
   * Whether the end can be asked of the measure: what counts rows is neither good nor bad, and only
   * times are the longest.
   */
  static boolean fits(Part end, Part measure, Scope scope) {
    if (end instanceof Meaning.SuperlativeWord && !isEnd(end)) {
      String dimension = ((Meaning.SuperlativeWord) end).dimension();
      return measure instanceof Contribution.Measures m
          && scope
              .unitOf(m.measures().get(0))
              .filter(u -> scope.dimensions().has(dimension, u))
              .isPresent();
    }
    return !(end instanceof Meaning.JudgementWord && measure instanceof Meaning.RowNoun);
  }

  /** Whether the part asks for one end, of whatever it measures. */
  static boolean isAnyEnd(Part part) {
    return part instanceof Meaning.SuperlativeWord || part instanceof Meaning.JudgementWord;
  }

  /** Whether the part asks for one end, or for a maximum or minimum. */
  static boolean isEndOrBound(Part part) {
    return isAnyEnd(part)
        || part instanceof Meaning.StatisticWord word
            && (word.kind() == Measure.Kind.MAXIMUM || word.kind() == Measure.Kind.MINIMUM);
  }

  /** The measure that ranks. */
  static Measure measure(Part part) {
    return part instanceof Contribution.Measures m
        ? m.measures().get(0)
        : new Measure.RowCount(((Meaning.RowNoun) part).table());
  }

  /** Whether the part is a superlative or judgement that asks for one end. */
  static boolean isEnd(Part part) {
    return part instanceof Meaning.SuperlativeWord s
            && (s.isOfAnything() || s.dimension().equals("amount"))
        || part instanceof Meaning.JudgementWord;
  }

  /** The end that a rank, superlative or judgement asks for. */
  static Contribution.Direction direction(Part word) {
    if (word instanceof Meaning.RankWord rank) {
      if (rank.unlessTime()) {
        return rank.top() ? Contribution.Direction.FASTEST : Contribution.Direction.SLOWEST;
      }
      return rank.top() ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM;
    } else if (word instanceof Meaning.SuperlativeWord superlative) {
      return superlative.most() ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM;
    } else if (word instanceof Meaning.StatisticWord bound) {
      return bound.kind() == Measure.Kind.MAXIMUM
          ? Contribution.Direction.TOP
          : Contribution.Direction.BOTTOM;
    }
    return ((Meaning.JudgementWord) word).good()
        ? Contribution.Direction.BEST
        : Contribution.Direction.WORST;
  }
}
