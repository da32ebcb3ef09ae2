package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;

/** What the contributions of one sequence have said so far, on the way to a plan. */
final class Collected {
  final List<Measure> measures = new ArrayList<>();
  final List<Grouping> groupings = new ArrayList<>();
  final List<Plan.Keep> keeps = new ArrayList<>();
  final List<String> nouns = new ArrayList<>();

  /** Nouns that were said before anything to compute: "huts with rising revenue". */
  final Set<String> nounsFirst = new LinkedHashSet<>();

  final List<String> countedNouns = new ArrayList<>();
  final List<Assumption> assumptions = new ArrayList<>();
  final List<Measure> rankMeasures = new ArrayList<>();
  final List<Contribution.Subject> subjects = new ArrayList<>();
  final List<Contribution.Extreme> extremes = new ArrayList<>();
  final List<Contribution.ShareOf> shares = new ArrayList<>();

  /** Whether the price of the rows is wanted that are named. */
  boolean costs;

  final List<Contribution.Moved> moved = new ArrayList<>();
  final List<Filter> predicates = new ArrayList<>();

  /** Whether groups are set beside one of them, which a filter could leave out. */
  boolean besideOne;

  /** Filters that were said before any breakdown. */
  final List<Filter> narrowedFirst = new ArrayList<>();

  final List<Measure> again = new ArrayList<>();
  Optional<String> countedApart = Optional.empty();
  Optional<Contribution.Standing> standing = Optional.empty();

  /** What is said of the rows as a predicate, wherever it went. */
  final List<Filter> predicated = new ArrayList<>();

  /** What is said right behind "share of": the part, or all, where a part is told as well. */
  final List<Filter> ofShare = new ArrayList<>();

  final List<Filter> filters = new ArrayList<>();

  /** Filters in the order and form in which they were said, by the measures that they follow. */
  final List<Segment> segments = new ArrayList<>(List.of(new Segment(List.of())));

  final List<Related> related = new ArrayList<>();
  Optional<Told> told = Optional.empty();
  Optional<Contribution.Ranked> ranked = Optional.empty();
  Optional<Contribution.OfRanked> ofRanked = Optional.empty();
  Optional<Contribution.Order> order = Optional.empty();
  Optional<Plan.Picture> picture = Optional.empty();
  Optional<Measure.Earlier> versus = Optional.empty();

  /** Of which unit the time is that stands beside the earlier one: "the same month last year". */
  Optional<Period.Unit> versusOf = Optional.empty();

  /** Whether only so much of the earlier time is meant as is over of the time beside it. */
  boolean ofSameDays;

  Optional<Contribution.VersusTime> versusTime = Optional.empty();
  Optional<Contribution.FromTo> fromTo = Optional.empty();
  Optional<Contribution.Rows> rows = Optional.empty();
  Optional<Contribution.Columns> columns = Optional.empty();
  Optional<Contribution.FirstRows> firstRows = Optional.empty();
  Optional<Contribution.EndRows> endRows = Optional.empty();
  Optional<Grouping> within = Optional.empty();
  Optional<Bound> claim = Optional.empty();
  Optional<Contribution.OpposedFilters> opposedFilters = Optional.empty();
  Optional<Contribution.Events> events = Optional.empty();

  /** The table whose rows are those that came then: "new customers". */
  Optional<String> newRows = Optional.empty();

  /** What tells that rows were done, and at which date: "closed". */
  final Map<Filter, ColumnRef> done = new LinkedHashMap<>();

  Optional<Contrast> comparative = Optional.empty();
  Optional<Contribution.BesideValues> beside = Optional.empty();
  Optional<Contribution.Drifted> drifted = Optional.empty();
  Optional<Measure.Plain> divisor = Optional.empty();
  boolean inShares;
  boolean cumulated;
  boolean versusByItself;

  /** Filters by a time whose year was not said. */
  final List<Filter> anyYear = new ArrayList<>();

  /** Whether the words make sense only with a time. */
  boolean needsTime;

  /** Whether "on average" is said apart from what is averaged. */
  boolean onAverage;

  /** Whether groups were named with what is told of each, and so are not ranked. */
  boolean groupsTold;

  boolean counting;
  boolean showing;
  boolean sideBySide;
  boolean opposed;
  boolean overTime;
  boolean bothRelated;
  boolean yesOrNo;
  double penalty;

  /** Whether a measure followed another with nothing between them. */
  boolean unjoined;

  /** Measures, and the filters that were said right behind them. */
  record Segment(List<Measure> measures, List<Filter> filters) {
    Segment(List<Measure> measures) {
      this(List.copyOf(measures), new ArrayList<>());
    }
  }

  /** Rows at which others point, with what was said of those. */
  record Related(String anchor, String table, List<Filter> filters, boolean negated) {}

  /**
   * Rows of a table that are told by a measure of them.
   *
   * @param table empty when it has to be seen from the rest
   * @param filters what was said behind it
   */
  record Told(Optional<String> table, Plan.Keep keep, List<Filter> filters) {}

  /** Takes in what is left of the question before, in front of what this one says. */
  void addBefore(Assembly.Before before) {
    Plan plan = before.plan();
    if (before.computes()) {
      List<Measure> newMeasures = List.copyOf(measures);
      measures.clear();
      plan.measures().forEach(this::addMeasure);
      newMeasures.forEach(this::addMeasure);
      claim = claim.or(plan::claim);
      plan.listing().ifPresent(this::addBefore);
    }
    List<Grouping> newGroupings = List.copyOf(groupings);
    groupings.clear();
    plan.groupings().forEach(this::addGrouping);
    newGroupings.forEach(this::addGrouping);
    segments.get(0).filters().addAll(0, plan.filters());
    keeps.addAll(0, plan.keeps());
    plan.ranking().filter(r -> ranked.isEmpty()).ifPresent(r -> addBefore(r, before.computes()));
    if (order.isEmpty()) {
      order = plan.sort().map(s -> order(s, before.computes()));
    }
    picture = picture.or(plan::picture);
  }

  private void addBefore(Plan.Ranking ranking, boolean computes) {
    ranked =
        Optional.of(
            new Contribution.Ranked(
                ranking.top() ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM,
                ranking.count(),
                Optional.empty(),
                computes ? Optional.of(ranking.by()) : Optional.empty()));
    within = within.or(ranking::within);
  }

  private static Contribution.Order order(Plan.Sort sort, boolean computes) {
    boolean ofOldMeasure = !computes && sort.by() instanceof Measure;
    return new Contribution.Order(
        ofOldMeasure ? Optional.empty() : Optional.of(sort.by()),
        false,
        Optional.of(sort.descending()));
  }

  private void addBefore(Listing listing) {
    rows =
        rows.or(
            () ->
                Optional.of(new Contribution.Rows(listing.table(), listing.columns(), List.of())));
    if (firstRows.isEmpty() && endRows.isEmpty()) {
      firstRows = listing.order().map(o -> new Contribution.FirstRows(o, listing.count()));
    }
    within = within.or(() -> listing.per().map(Grouping.ByColumn::new));
  }

  void addMeasure(Measure measure) {
    if (!measures.contains(measure)) {
      measures.add(measure);
    }
  }

  void addGrouping(Grouping grouping) {
    if (!groupings.contains(grouping)) {
      groupings.add(grouping);
    }
  }

  /** Whether there is a breakdown by stretches of time. */
  boolean isOverTime() {
    return !Grouping.stretches(groupings).isEmpty();
  }

  /** Adds a filter. Two lists of values of one column become one list of either. */
  void addFilter(Filter filter) {
    if (filter instanceof Filter.InValues values) {
      for (int i = 0; i < filters.size(); i++) {
        if (filters.get(i) instanceof Filter.InValues other
            && other.column().equals(values.column())
            && other.negated() == values.negated()) {
          filters.set(i, other.or(values.values()));
          return;
        }
      }
    }
    if (!filters.contains(filter)) {
      filters.add(filter);
    }
  }

  boolean isListing() {
    return measures.isEmpty() && !counting && (rows.isPresent() || endRows.isPresent());
  }

  /** An order of a list of rows, from wherever it was said. */
  Optional<Listing.Order> rowOrder() {
    return firstRows
        .map(Contribution.FirstRows::order)
        .or(() -> endRows.map(Contribution.EndRows::order));
  }
}
