package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;

/** A part that adds something to a plan by itself, wherever in the question it stands. */
public sealed interface Contribution extends Part {

  /**
   * Measures to compute.
   *
   * @param bare whether it is a number column by itself, which may mean the column as well
   */
  record Measures(List<Measure> measures, boolean bare) implements Contribution {
    public Measures {
      measures = List.copyOf(measures);
    }

    public Measures(List<Measure> measures) {
      this(measures, false);
    }

    static Measures of(Measure measure) {
      return new Measures(List.of(measure));
    }
  }

  /** A breakdown. */
  record Groupings(List<Grouping> groupings) implements Contribution {
    public Groupings {
      groupings = List.copyOf(groupings);
    }
  }

  /**
   * A filter.
   *
   * @param bare whether it stands without a preposition, as an adjective does
   * @param anyYear whether it is a time whose year was not said
   */
  record Narrowing(Filter filter, boolean bare, boolean anyYear) implements Contribution {
    public Narrowing(Filter filter) {
      this(filter, false, false);
    }

    public Narrowing(Filter filter, boolean bare) {
      this(filter, bare, false);
    }
  }

  /** The noun of a table by itself: what is counted, or what a measure is about. */
  record Noun(String table) implements Contribution {}

  /**
   * Groups to keep.
   *
   * @param what the groups ranked; empty for those of the plan
   * @param by the measure that ranks; empty for the plan's only one, or the author's preference
   * @param percent how many of every hundred, where that is said instead of a number
   */
  record Ranked(
      Direction direction,
      int count,
      Optional<Grouping> what,
      Optional<Measure> by,
      Optional<BigDecimal> percent)
      implements Contribution {
    /** How many groups "the best huts" are, when no number is said. */
    public static final int SEVERAL = 10;

    public Ranked(Direction direction, int count, Optional<Grouping> what, Optional<Measure> by) {
      this(direction, count, what, by, Optional.empty());
    }

    /** The same ranking by a measure. */
    public Ranked of(Grouping what) {
      return new Ranked(direction, count, Optional.of(what), by, percent);
    }

    /** The same from another end. */
    public Ranked in(Direction end) {
      return new Ranked(end, count, what, by, percent);
    }

    public Ranked by(Measure measure) {
      return new Ranked(direction, count, what, Optional.of(measure), percent);
    }
  }

  /** "how many", apart from the noun that it counts. */
  record Counting() implements Contribution {}

  /** "by revenue", apart from the ranking that it belongs to. */
  record RankMeasure(Measure by) implements Contribution {}

  /**
   * "which hut", apart from what makes it stand out.
   *
   * @param plural whether several are asked for
   * @param count how many, when it is said
   */
  record Subject(Grouping what, boolean plural, Optional<Integer> count) implements Contribution {
    public Subject(Grouping what, boolean plural) {
      this(what, plural, Optional.empty());
    }

    /** How many are asked for. */
    public int wanted() {
      return count.orElse(plural ? Ranked.SEVERAL : 1);
    }
  }

  /** Rows of a column's table by that column. */
  static Contribution rowsBy(ColumnRef column) {
    return new Together(
        List.of(new Noun(column.table()), new Groupings(List.of(new Grouping.ByColumn(column)))));
  }

  /** "on average", apart from what is averaged. */
  record OnAverage() implements Contribution {}

  /** "which one": the noun that was said before is what is asked for. */
  record SubjectBefore() implements Contribution {}

  /** "the most guest nights", apart from the subject that has them. */
  record Extreme(Direction direction, Measure by) implements Contribution {
    /** The one of what a column names that is at this end. */
    public Ranked of(ColumnRef name) {
      return new Ranked(direction, 1, Optional.of(new Grouping.ByColumn(name)), Optional.of(by));
    }
  }

  /** Which end of a ranking is kept; best and worst depend on the measure. */
  enum Direction {
    TOP,
    BOTTOM,
    BEST,
    WORST,
    /** The most, but of time the least. */
    FASTEST,
    /** The least, but of time the most. */
    SLOWEST;

    /** Whether it asks which takes the least time, or the most. */
    public boolean isOfTime() {
      return this == FASTEST || this == SLOWEST;
    }

    /** Whether the end depends on what is measured. */
    public boolean isJudged() {
      return this != TOP && this != BOTTOM;
    }
  }

  /**
   * An order of rows.
   *
   * @param by what to sort by; empty for the first measure, or by name for the first grouping
   * @param first which end stands first, where that depends on the measure: "worst first"
   */
  record Order(
      Optional<Plan.SortKey> by,
      boolean byName,
      Optional<Boolean> descending,
      Optional<Direction> first)
      implements Contribution {
    public Order(Optional<Plan.SortKey> by, boolean byName, Optional<Boolean> descending) {
      this(by, byName, descending, Optional.empty());
    }
  }

  /** How to show the answer. */
  record Shown(Plan.Picture picture) implements Contribution {}

  /**
   * Groups to keep by a measure: "with more than 500 guest nights".
   *
   * @param ofPlan whether it is surely about the groups of the answer, as restatements say it
   * @param among what the rows meet that are measured: "with more than 3 cancelled stays"
   */
  record Keeping(Plan.Keep keep, boolean ofPlan, List<Filter> among) implements Contribution {
    public Keeping {
      among = List.copyOf(among);
    }

    public Keeping(Plan.Keep keep, boolean ofPlan) {
      this(keep, ofPlan, List.of());
    }
  }

  /**
   * Rows of a table that are told by a measure of them: "members with more than 5 stays".
   *
   * @param among what the rows meet that are measured: "with more than 3 cancelled stays"
   */
  record Grouped(String table, Plan.Keep keep, List<Filter> among) implements Contribution {
    public Grouped {
      among = List.copyOf(among);
    }

    public Grouped(String table, Plan.Keep keep) {
      this(table, keep, List.of());
    }
  }

  /** What several words say at once: "the most cancelled stays". */
  record Together(List<Contribution> parts) implements Contribution {
    public Together {
      parts = List.copyOf(parts);
    }
  }

  /**
   * Rows of a table at which rows of another point, or none do: "huts with no callouts".
   *
   * @param filters what the pointing rows must meet
   */
  record Related(String anchor, String table, List<Filter> filters, boolean negated)
      implements Contribution {
    public Related {
      filters = List.copyOf(filters);
    }
  }

  /**
   * A part of a whole: of all groups, or set apart by a filter.
   *
   * @param part the filter that sets the part apart; empty when it stands elsewhere
   */
  record ShareOf(Measure.Plain of, Optional<Filter> part) implements Contribution {}

  /** "cost", as what named rows do: their price is wanted. */
  record Costs() implements Contribution {}

  /** A filter of those that are asked about themselves: "live in Ossel" is not of their stays. */
  record OfItself(Filter.InValues filter) implements Contribution {}

  /** "vs revenue in 2024": what is said to be compared again, which must be what is computed. */
  record Again(Measure measure) implements Contribution {
    /** The part, beside what an optional slot says again. */
    static Contribution with(Match match, int slot, Contribution part) {
      return match
          .find(slot, Part.class)
          .<Contribution>map(p -> new Together(List.of(new Again(Operands.of(p)), part)))
          .orElse(part);
    }
  }

  /** "were serious": a metric counts those of the rows whose number, or share, is asked for. */
  record CountedApart(String metric) implements Contribution {}

  /** A filter that tells by a date what was done: times behind it are of that date. */
  record DoneAt(Filter filter, ColumnRef date) implements Contribution {}

  /**
   * What is said of the rows, apart from which rows they are: "were cancelled".
   *
   * @param done the date at which that was done, where the filter tells it by one
   */
  record Predicate(Filter filter, Optional<ColumnRef> done) implements Contribution {
    public Predicate(Filter filter) {
      this(filter, Optional.empty());
    }
  }

  /**
   * "year over year", "compared with the year before".
   *
   * @param of the unit of the time beside it, where the words say so: "the same month last year"
   * @param sameDays whether only so much of it is meant as is over of the time beside it
   */
  record Versus(Measure.Earlier earlier, Optional<Period.Unit> of, boolean sameDays)
      implements Contribution {
    Versus(Measure.Earlier earlier) {
      this(earlier, Optional.empty(), false);
    }
  }

  /**
   * "compared with 2024", "vs last year": the period that the plan's own is compared with.
   *
   * @param with what must have been said as well
   */
  record VersusTime(Phrase.Time time, With with) implements Contribution {
    /** The same, beside another period. */
    public VersusTime with(Period period) {
      return new VersusTime(new Phrase.Time(period, true), with);
    }
  }

  /** What a time is compared beside of. */
  enum With {
    NOTHING,
    /** "compare". */
    COMPARE,
    /** "growth", "change in". */
    CHANGE
  }

  /** "growth of revenue", still without the time that it is compared with. */
  record Moved(Measure.Move move, Measure.Plain of) implements Contribution {}

  /** The same of what the author prefers, broken down. */
  record MovedBy(Measure.Move move, Measure.Plain of, Grouping by) implements Contribution {}

  /** "list of huts showing ...". */
  record Rows(String table, List<ColumnRef> columns, List<Filter> filters) implements Contribution {
    public Rows {
      columns = List.copyOf(columns);
      filters = List.copyOf(filters);
    }
  }

  /** "show", "list": rows are wanted where no measure is named. */
  record Showing() implements Contribution {}

  /** "with their notes", "showing the altitude": columns of the rows that are listed. */
  record Columns(List<ColumnRef> columns) implements Contribution {
    public Columns {
      columns = List.copyOf(columns);
    }
  }

  /** "first 10 by altitude". */
  record FirstRows(Listing.Order order, Optional<Integer> count) implements Contribution {}

  /**
   * "the three newest huts", "the last 10 stays": rows at the end of an order.
   *
   * @param count how many, at least 1
   */
  record EndRows(String table, Listing.Order order, int count) implements Contribution {}

  /** "highest paid mate": the same, of rows that have a value. */
  record EndRowsWith(EndRows rows, Filter filter) implements Contribution {}

  /** "within each valley". */
  record Within(Grouping grouping) implements Contribution {}

  /** "is more than 0", of a question that is answered by yes or no. */
  record Claimed(Measure measure, Bound bound) implements Contribution {}

  /** A subplan whose groups limit the rest: "of the hut with the lowest occupancy". */
  record OfRanked(Ranked ranked, boolean negated) implements Contribution {
    OfRanked(Ranked ranked) {
      this(ranked, false);
    }
  }

  /** "compare": values and times that are named are put side by side. */
  record SideBySide() implements Contribution {}

  /** "did ...", "is ...": the answer is yes or no. */
  record YesOrNo() implements Contribution {}

  /** A moving average, and the spans of time that it is told for when no others are said. */
  record SpannedMeasure(Measure measure, Grouping spans) implements Contribution {}

  /** Groups with measures of them: "rank huts by revenue". */
  record Ordered(Grouping what, List<Measure> measures) implements Contribution {
    public Ordered {
      measures = List.copyOf(measures);
    }

    /** Groups with a measure and their places by it. */
    static Ordered ranked(Grouping what, Measure.Plain by) {
      return new Ordered(what, List.of(by, new Measure.Rank(by)));
    }
  }

  /**
   * "grew the most in revenue", "lost guests": what is told of groups by how they moved.
   *
   * @param move how the movement is measured
   * @param of what moved; empty for the question's only measure, or the author's preference
   * @param most whether those that moved so most are wanted, or least; empty for all that did
   * @param by how far they moved at least, either way; empty for any distance
   * @param subject the groups; empty for those named elsewhere
   */
  record Drifted(
      Contrast way,
      Measure.Move move,
      Optional<Measure.Plain> of,
      Optional<Boolean> most,
      Optional<Bound> by,
      Optional<Subject> subject)
      implements Contribution {
    public Drifted(
        Contrast way,
        Measure.Move move,
        Optional<Measure.Plain> of,
        Optional<Boolean> most,
        Optional<Subject> subject) {
      this(way, move, of, most, Optional.empty(), subject);
    }

    Drifted most(boolean wanted) {
      return new Drifted(way, move, of, Optional.of(wanted), by, subject);
    }

    Drifted with(Subject groups) {
      return new Drifted(way, move, of, most, by, Optional.of(groups));
    }

    /** Those that moved so far. */
    Drifted by(Measure.Move measured, Bound distance) {
      return new Drifted(way, measured, of, most, Optional.of(distance), subject);
    }
  }

  /** "huts by revenue", "huts and their revenue": groups, and what is told of each. */
  record GroupsTold(Grouping what, Measure of) implements Contribution {}

  /** "where are our members": the places that rows are at, where nothing was said before. */
  record PlacesTold(GroupsTold groups) implements Contribution {}

  /** "from May to June", of something that moved. */
  record FromTo(Phrase.Time earlier, Phrase.Time later) implements Contribution {}

  /** Two conditions on the same rows: "huts with callouts and repairs". */
  record RelatedBoth(Related first, Related second) implements Contribution {}

  /** A noun with a filter of its rows: "notes that mention rope". */
  record NounWith(String table, Filter filter) implements Contribution {}

  /** "callouts via bridge from hut": rows that point by a role. */
  record NounVia(String table, String role) implements Contribution {}

  /**
   * Values of one column that are set side by side: "members versus guests".
   *
   * @param noun the table that they were said of, if one was
   */
  record Opposed(Phrase.Values values, Optional<String> noun) implements Contribution {}

  /**
   * Two filters whose rows are set side by side: "on weekends versus weekdays".
   *
   * @param first one part, beside
   * @param second the other
   */
  record OpposedFilters(Filter first, Filter second) implements Contribution {}

  /**
   * "huts with more revenue than Larkspur": groups beyond one of them.
   *
   * @param column what the groups are called by
   */
  record BesideOne(Plan.Keep keep, ColumnRef column) implements Contribution {}

  /**
   * "where does Larkspur rank": the place of one group among all.
   *
   * @param end the end that it may stand at, where that is asked
   * @param by what ranks; empty for the plan's only measure, or the author's preference
   */
  record Standing(ColumnRef column, String value, Optional<Direction> end, Optional<Measure> by)
      implements Contribution {}

  /** Two filters that both hold for some of the rows that point: "at both Ossel and Quill". */
  record BothOf(Filter first, Filter second) implements Contribution {}

  /** "arrivals": rows counted by a date of theirs that is not the main one. */
  record Events(Measure of, ColumnRef date) implements Contribution {}

  /**
   * "more than Brannick": values that others of the same column are set beside.
   *
   * @param of by what, where the words say so
   * @param counts whether rows are counted where no measure is said at all
   */
  record BesideValues(Phrase.Values values, Optional<Measure> of, boolean counts)
      implements Contribution {}

  /** A measure whose own words limit what it counts: "how many pensioners booked". */
  record MeasureWith(Measure measure, Filter filter) implements Contribution {}

  /** "more", "worse", of a question that is answered by yes or no. */
  record Comparative(Contrast contrast) implements Contribution {}

  /** "up on last year": the same, with the time that it is compared with. */
  record ComparativeTo(Contrast contrast, Phrase.Time time) implements Contribution {}

  /** "new members": rows by their own date, of which the question must say something. */
  record NewRows(String table) implements Contribution {}

  /** "as a share of revenue", apart from what is a share of it. */
  record DividedBy(Measure.Plain divisor) implements Contribution {}

  /** That an earlier time stands by itself: nothing says that it is compared with. */
  record VersusByItself() implements Contribution {}

  /** "as a running total": measures are summed up so far. */
  record Cumulated() implements Contribution {}

  /** "as a percentage": measures are told as parts of the whole. */
  record InShares(Optional<Grouping> within) implements Contribution {}

  /** "over time": by month, where no other span is named. */
  record OverTime() implements Contribution {}

  /**
   * Rows that point, or do not, at what the question is about: "huts in Ossel that had no
   * callouts".
   */
  record RelatedApart(String table, List<Filter> filters, boolean negated) implements Contribution {
    public RelatedApart {
      filters = List.copyOf(filters);
    }
  }

  /** What a follow-up does with the plan before it. */
  sealed interface Edit extends Contribution {}

  /** "also", "add": what is named comes on top. */
  record Adding() implements Edit {}

  /** "instead", "what about": what is named takes the place of its like. */
  record Swapping() implements Edit {}

  /** "only", apart from what it keeps to. */
  record Only() implements Edit {}

  /** "drop the occupancy": what is named goes, or rows that have it do. */
  record Dropping(Contribution what) implements Edit {}

  /** "without filters": all parts of a kind go. */
  record DroppingParts(PlanPart kind) implements Edit {}

  /** "hut instead of valley". */
  record Replacing(Contribution old, Contribution with) implements Edit {}

  /**
   * "those huts", "of these": what the answer before shows.
   *
   * @param table what it is called, when it is
   * @param each whether each of them is asked about: "for each of these"
   */
  record Those(Optional<String> table, boolean each) implements Edit {}

  /**
   * "how many of them stayed": of what the answer before shows, how many have such rows.
   *
   * @param with the table of these rows
   */
  record CountOfThose(String with) implements Edit {}

  /** "which of them joined first": of the rows of the answer before, the one at that end. */
  record EndOfThose(ColumnRef date, boolean newest) implements Edit {}

  /** "all valleys", "all time": what limited them goes. */
  record AllOf(Grouping what) implements Edit {}

  /** "the whole year": all of the unit that the time of before is in. */
  record WholeOf(Period.Unit unit) implements Edit {}

  /** "the next year": the unit of time that follows the time of before. */
  record SpanAfter(Period.Unit unit) implements Edit {}

  /** "and the year before": the time of before, one unit earlier. */
  record SpanBefore(Period.Unit unit) implements Edit {}

  /**
   * "in which valleys": what is counted, by that.
   *
   * @param bare whether it may as well be a question about them
   */
  record InWhich(Grouping what, boolean bare) implements Edit {}

  /**
   * "those above 100k", "above 100k": groups of the answer before, by its measure.
   *
   * @param bare whether nothing but the amount is said
   */
  record KeepThose(Phrase.Comparing comparing, boolean bare) implements Edit {}

  /** "newest first": rows of before by their date. */
  record ByAge(boolean newestFirst) implements Edit {}

  /** "is that more": the number of the answer before. */
  record ThatNumber() implements Edit {}

  /** "both": the last two answers in one. */
  record BothOfThem() implements Edit {}

  /** "ordered in May": rows of the answer before at which such rows point. */
  record DoneApart(RelatedApart related) implements Edit {}

  /** "compare 2024": the answer before beside that time. */
  record ComparedWith(Phrase.Time time) implements Edit {}

  /** "the lowest": the other end of the rows that were ranked, or a group by the measure. */
  record OtherEnd(Direction direction, String dimension, Optional<Integer> count) implements Edit {}

  /** "how long were they": what measures the rows of the answer before. */
  record HowMeasured(Meaning.HowWord how) implements Edit {}

  /**
   * "list them", "which of them": the rows that were counted.
   *
   * @param ifNamed whether only rows that have names are listed
   */
  record ListThose(boolean ifNamed) implements Edit {}

  /** A number by itself: how many rows are wanted. */
  record Amount(int count) implements Edit {}

  /**
   * Columns of the rows that are listed.
   *
   * @param pointed whether the words point at those rows: "with their wage"
   */
  record MoreColumns(List<ColumnRef> columns, Pointed pointed) implements Edit {
    /** Whether a word says whose columns they are, and whether they come beside what is shown. */
    public enum Pointed {
      NO,
      YES,
      BESIDE
    }

    public MoreColumns {
      columns = List.copyOf(columns);
    }
  }

  /**
   * "median instead": another statistic of the same column; "the average per hut": one over groups.
   *
   * @param per the groups, where they are said
   */
  record OtherStatistic(Measure.Kind kind, Optional<Grouping> per) implements Edit {
    OtherStatistic(Measure.Kind kind) {
      this(kind, Optional.empty());
    }
  }

  /** "what share was cancelled": the part of what was counted before. */
  record ShareOfThose(Filter part) implements Edit {}

  /** "cumulative", "the growth": the numbers of before, told in another way. */
  record ToldAs(Telling how) implements Edit {}

  /** "the difference to 2024": how the numbers of before moved from that time. */
  record ToldSince(Telling how, Phrase.Time time) implements Edit {}

  /** "vs Brannick": values side by side with those of before. */
  record Beside(Phrase.Values values) implements Edit {}

  /** Ways to tell a number. */
  enum Telling {
    CUMULATIVE,
    CHANGE,
    GROWTH,
    RANK
  }

  /** "add channel", "with guest nights": what is named comes beside what there was. */
  record Added(Contribution what) implements Edit {}

  /** "where did they happen": the nearest kind of places. */
  record Whereabouts() implements Edit {}

  /** What is done with the groups or rows of the answer before, as a whole. */
  sealed interface WholeEdit extends Edit {}

  /** "in total": one number for all groups that were shown. */
  record InTotal() implements WholeEdit {}

  /**
   * "the others", "the other valleys": what a filter or a ranking left out.
   *
   * @param of what it is told of, where it is said
   */
  record Others(Optional<Grouping> of) implements WholeEdit {}

  /** "drop the three smallest": the groups at that end of the first measure go. */
  record WithoutEnd(Direction direction, int count) implements WholeEdit {}

  /** "how many of these are above 20000": of the things that groups are, by the first measure. */
  record CountKept(Phrase.Comparing comparing) implements Edit {}

  /** "everywhere": no place limits it. */
  record Everywhere() implements WholeEdit {}

  /** "hut instead": a breakdown in the place of its like. */
  record GroupedInstead(Grouping by) implements Edit {}

  /** "the first three", "the last five": so many rows from the top, or from the other end. */
  record FirstOf(int count, boolean last) implements WholeEdit {}

  /** "show all": rows are no longer cut. */
  record EveryRow() implements WholeEdit {}

  /** "show more": twice as many rows. */
  record MoreRows() implements WholeEdit {}

  /** "the second best": the group at that place. */
  record AtPlace(int place) implements WholeEdit {}

  /**
   * "draw it", "just the numbers": a picture that suits, or none.
   *
   * @param picture whether one is wanted
   */
  record Drawn(boolean picture) implements WholeEdit {}

  /**
   * "more detail": groups or times one step finer, or coarser.
   *
   * @param finer whether finer
   */
  record Step(boolean finer) implements WholeEdit {}

  /** "drill into": what is named, and its groups one step finer. */
  record Drill() implements Edit {}

  /**
   * "how many of them were serious": a metric that counts some of the rows, by the word that tells
   * which.
   *
   * @param share whether it is told by the number of all
   */
  record Qualified(String metric, boolean share) implements Edit {}

  /** "price per litre", of an amount of money and so many litres that were told side by side. */
  record PriceEach(String unit) implements Edit {}

  /** "how much is that", of rows that are counted: the only amount of money that they have. */
  record Worth() implements Edit {}

  /** "the latest", of rows that are counted or listed: the one at that end of their date. */
  record NewestOf(boolean newest) implements Edit {}

  /** "just the names": no other columns of the rows that are listed. */
  record OnlyNames() implements WholeEdit {}

  /** "all columns" of the rows that are listed. */
  record AllColumns() implements WholeEdit {}

  /** An order to do something with the conversation, not with the plan. */
  record Steering(Steer steer) implements Edit {}

  /** Parts of a plan that people name as such. */
  enum PlanPart {
    FILTERS,
    GROUPINGS,
    ORDER,
    PERIOD
  }

  /** What can be done with a conversation. */
  enum Steer {
    OTHER_WAY,
    START_OVER,
    UNDO,
    WHY,
    /** Another picture, without a word of which. */
    OTHER_PICTURE,
    /** The answer was not what was meant. */
    NOT_MEANT,
    /** To save, send or export. */
    TAKE_ALONG,
    /** To see the statement. */
    STATEMENT,
    /** To hear in words what stands out. */
    IN_WORDS,
    /** A picture that is not drawn. */
    NO_SUCH_PICTURE
  }
}
