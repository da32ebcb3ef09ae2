package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Changes lists of rows, and makes them of numbers of rows. */
final class ListEdits {
  private final Scope scope;

  ListEdits(Scope scope) {
    this.scope = scope;
  }

  /** The rows that a plan does no more than count, or lists already. */
  Optional<Plan> listed(Plan plan) {
    if (plan.listing().isPresent()) {
      return Optional.of(plan);
    }
    return counts(plan) && plan.keeps().isEmpty()
        ? Optional.of(
            Plan.of(
                Listings.all(((Measure.RowCount) plan.measures().get(0)).table(), scope),
                plan.filters()))
        : Optional.empty();
  }

  /**
   * "list them", "their joining dates", of things of which a ranking or a condition keeps some: a
   * list of these.
   */
  Optional<Plan> shownThings(Plan plan) {
    boolean things =
        plan.measures().stream().noneMatch(Measure.Rank.class::isInstance)
            && (plan.ranking().isPresent() || !plan.keeps().isEmpty())
            && plan.groupings().size() == 1
            && plan.groupings().get(0) instanceof Grouping.ByColumn by
            && scope.model().namesItsTable(by.column());
    return things
        ? new WholeEdits(scope)
            .shown(plan, Optional.empty())
            .map(those -> Plan.of(Listings.all(those.column().table(), scope), List.of(those)))
        : Optional.empty();
  }

  /** "which is the highest", of things of which a ranking keeps some. */
  Optional<Plan> endThings(Plan plan, Contribution.OtherEnd end) {
    boolean again =
        plan.ranking()
            .filter(r -> r.top() == (end.direction() == Contribution.Direction.TOP))
            .filter(r -> end.count().isEmpty())
            .isPresent();
    return shownThings(plan).filter(p -> again).flatMap(things -> endRows(things, end));
  }

  /** "which has the most beds", of things that are listed: those, in that order. */
  Optional<Contribution> endOf(Listing listing, Contribution.Extreme extreme) {
    boolean top = GroupRanking.isTop(extreme.direction(), extreme.by(), scope);
    return extreme.by() instanceof Measure.Statistic statistic
            && statistic.kind() == Measure.Kind.SUM
            && statistic.column().table().equals(listing.table())
        ? Optional.of(
            new Contribution.FirstRows(new Listing.Order(statistic.column(), top), Optional.of(1)))
        : scope.namingColumn(listing.table()).map(extreme::of);
  }

  /** "newest first" of rows that are listed: by their date. */
  Optional<Plan> newestFirst(Plan plan, boolean descending) {
    return plan.listing()
        .flatMap(l -> scope.datesOf(l.table()).stream().findFirst())
        .map(date -> byDate(plan, date, descending));
  }

  /** "the latest", of rows that are counted or listed: the one at that end of their date. */
  Optional<Plan> atEnd(Plan plan, boolean newest) {
    return things(plan).flatMap(p -> newestFirst(p, newest)).map(ListEdits::firstOnly);
  }

  /** "which of them joined first": of rows of the table that has the date. */
  Optional<Plan> atEnd(Plan plan, ColumnRef date, boolean newest) {
    return things(plan)
        .filter(p -> p.listing().orElseThrow().table().equals(date.table()))
        .map(p -> firstOnly(byDate(p, date, newest)));
  }

  private Optional<Plan> things(Plan plan) {
    return shownThings(plan).or(() -> listed(plan));
  }

  private static Plan byDate(Plan list, ColumnRef date, boolean descending) {
    return list.withListing(
        list.listing()
            .orElseThrow()
            .withMore(List.of(date))
            .in(new Listing.Order(date, descending)));
  }

  private static Plan firstOnly(Plan list) {
    return list.withListing(list.listing().orElseThrow().first(1));
  }

  /** Rows from the other end, where they were ranked. */
  static Optional<Plan> otherEnd(Plan plan, Contribution.Direction direction) {
    boolean top = direction == Contribution.Direction.TOP;
    boolean bottom = direction == Contribution.Direction.BOTTOM;
    return plan.listing()
        .filter(l -> (top || bottom) && l.count().isPresent())
        .flatMap(l -> l.order().map(o -> l.in(new Listing.Order(o.by(), top))))
        .flatMap(l -> PlanParts.ifChanged(plan, plan.withListing(l)));
  }

  /** "biggest first": by what the rows stand in an order already, or else by their only number. */
  Optional<Contribution> inOrder(Listing listing, boolean descending) {
    List<ColumnRef> numbers =
        listing.columns().stream()
            .filter(c -> c.table().equals(listing.table()) && scope.holds(c, Column.Holds.NUMBER))
            .toList();
    return listing
        .order()
        .map(Listing.Order::by)
        .or(() -> numbers.size() == 1 ? Optional.of(numbers.get(0)) : Optional.empty())
        .map(c -> new Contribution.FirstRows(new Listing.Order(c, descending), listing.count()));
  }

  /** The first of each of other groups, in place of those of before. */
  Optional<Plan> firstOfEach(Plan plan, List<Grouping> groupings) {
    boolean one =
        plan.listing().flatMap(Listing::per).isPresent()
            && groupings.size() == 1
            && groupings.get(0) instanceof Grouping.ByColumn;
    if (!one) {
      return Optional.empty();
    }
    Listing old = plan.listing().get();
    ColumnRef per = ((Grouping.ByColumn) groupings.get(0)).column();
    List<ColumnRef> columns = new ArrayList<>(List.of(per));
    Stream.concat(
            Listings.all(old.table(), scope).columns().stream(),
            old.order().stream().map(Listing.Order::by))
        .filter(c -> !columns.contains(c))
        .forEach(columns::add);
    return Optional.of(
        plan.withListing(
            new Listing(old.table(), columns, old.order(), old.count(), Optional.of(per))));
  }

  /** "why", of rows of which one column tells it: how many there are for each reason. */
  Optional<Plan> byReason(Plan plan) {
    return rowsOf(plan)
        .flatMap(scope::reason)
        .map(
            reason ->
                Plan.of(
                    new Measure.RowCount(reason.table()),
                    List.of(new Grouping.ByColumn(reason)),
                    plan.filters()));
  }

  /** "the longest one", of rows that are counted or listed: the one at that end. */
  Optional<Plan> endRows(Plan plan, Contribution.OtherEnd end) {
    boolean most = end.direction() == Contribution.Direction.TOP;
    List<ColumnRef> columns =
        plan.groupings().isEmpty()
            ? rowsBehind(plan).map(t -> scope.measuredBy(t, end.dimension())).orElse(List.of())
            : List.of();
    return columns.size() == 1
        ? Optional.of(
            Plan.of(
                Listings.all(columns.get(0).table(), scope)
                    .withMore(columns)
                    .in(new Listing.Order(columns.get(0), most))
                    .first(end.count().orElse(1)),
                plan.filters()))
        : Optional.empty();
  }

  /** "how long were they", of rows that are counted or listed: the average of what measures it. */
  Optional<Contribution> measured(Plan plan, Meaning.HowWord how) {
    List<ColumnRef> columns = rowsBehind(plan).map(t -> scope.measuredBy(t, how)).orElse(List.of());
    return columns.size() == 1
        ? Optional.of(
            new Contribution.Measures(
                List.of(Measure.Statistic.of(Measure.Kind.AVERAGE, columns.get(0)))))
        : Optional.empty();
  }

  /** The table whose rows the plan lists, counts, or tells one statistic of. */
  private static Optional<String> rowsBehind(Plan plan) {
    return rowsOf(plan)
        .or(
            () ->
                plan.measures().size() == 1
                        && plan.measures().get(0) instanceof Measure.Statistic statistic
                    ? Optional.of(statistic.column().table())
                    : Optional.empty());
  }

  /** The table whose rows the plan lists, or only counts. */
  private static Optional<String> rowsOf(Plan plan) {
    return plan.listing()
        .map(Listing::table)
        .or(
            () ->
                counts(plan)
                    ? Optional.of(((Measure.RowCount) plan.measures().get(0)).table())
                    : Optional.empty());
  }

  /** How many rows there are, in place of a list of them. */
  Plan counted(Plan listing) {
    return Plan.of(
        new Measure.RowCount(listing.listing().orElseThrow().table()),
        List.of(),
        listing.filters());
  }

  static boolean counts(Plan plan) {
    return plan.measures().size() == 1 && plan.measures().get(0) instanceof Measure.RowCount;
  }
}
