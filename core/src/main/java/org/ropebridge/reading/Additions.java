package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Places;
import org.ropebridge.reading.rule.Scope;

/** Puts columns and numbers beside those of an answer, and takes columns away. */
final class Additions {
  private final Scope scope;
  private final WholeEdits wholes;

  Additions(Scope scope) {
    this.scope = scope;
    this.wholes = new WholeEdits(scope);
  }

  /** Rows that are listed with more columns, or with a number of each. */
  Optional<Plan> widened(Plan plan, Said said, Contribution what) {
    if (plan.listing().isEmpty()) {
      return Optional.empty();
    }
    Listing listing = plan.listing().get();
    if (what instanceof Contribution.Groupings more
        && more.groupings().stream().allMatch(Grouping.ByColumn.class::isInstance)) {
      return PlanParts.ifChanged(
          plan,
          plan.withListing(
              listing.withMore(
                  more.groupings().stream().map(g -> ((Grouping.ByColumn) g).column()).toList())));
    }
    boolean alone = said.edits().size() == 1 && said.rest().edges().isEmpty();
    return alone && what instanceof Contribution.Measures more
        ? scope
            .namingColumn(listing.table())
            .map(
                c ->
                    Plan.of(
                        more.measures(),
                        List.of(new Grouping.ByColumn(c)),
                        listing.count().isPresent()
                            ? wholes
                                .shown(plan, Optional.empty())
                                .<List<Filter>>map(List::of)
                                .orElseThrow()
                            : plan.filters()))
        : Optional.empty();
  }

  /** "without the altitude" of a list that shows it: the column goes; "without a" asks for rows. */
  static Optional<Plan> withoutColumn(Said said, Plan plan) {
    List<Edge> edges = said.rest().edges();
    boolean one =
        plan.listing().isPresent()
            && said.edits().isEmpty()
            && edges.size() == 1
            && edges.get(0).mentions().stream()
                .anyMatch(m -> m.is(Role.LACKING) && m.to() - m.from() == 1);
    if (!one
        || !(edges.get(0).part() instanceof Contribution.Narrowing narrowing)
        || !(narrowing.filter() instanceof Filter.Missing missing)) {
      return Optional.empty();
    }
    Listing l = plan.listing().get();
    List<ColumnRef> left = l.columns().stream().filter(c -> !c.equals(missing.column())).toList();
    return left.isEmpty() || left.size() == l.columns().size() || l.per().isPresent()
        ? Optional.empty()
        : Optional.of(plan.withListing(l.showing(left)));
  }

  /** Whether groups that were ranked stay the same with it: what each of them has one of. */
  boolean canStandBeside(Plan plan, Contribution what) {
    if (plan.listing().isPresent()) {
      return false;
    }
    List<Grouping> more =
        what instanceof Contribution.Groupings groupings ? groupings.groupings() : List.of();
    if (!more.isEmpty() && plan.groupings().containsAll(more)) {
      return false;
    }
    return plan.ranking().isEmpty()
        || more.stream()
            .allMatch(
                g ->
                    g instanceof Grouping.ByColumn by
                        && plan.groupings().stream().anyMatch(o -> isOneOf(by.column(), o)));
  }

  boolean isOneOf(ColumnRef column, Grouping of) {
    return of instanceof Grouping.ByColumn by
        && scope.model().namesItsTable(by.column())
        && (by.column().table().equals(column.table())
            || !scope
                .paths()
                .shortest(by.column().table(), column.table(), Optional.empty())
                .isEmpty());
  }

  /** The nearest kind of places of what the plan is about. */
  Optional<Contribution> whereabouts(Plan plan) {
    return about(plan)
        .flatMap(t -> Places.nearest(t, scope))
        .map(c -> new Contribution.Groupings(List.of(new Grouping.ByColumn(c))));
  }

  /** The table of the rows that are listed, of the groups, or of the numbers. */
  private Optional<String> about(Plan plan) {
    if (plan.listing().isPresent()) {
      return plan.listing().map(Listing::table);
    }
    Optional<String> groups =
        plan.groupings().stream()
            .filter(
                g -> g instanceof Grouping.ByColumn by && scope.model().namesItsTable(by.column()))
            .map(g -> ((Grouping.ByColumn) g).column().table())
            .findFirst();
    Set<String> tables = MeasureTables.of(plan, scope.model());
    return groups.or(
        () -> tables.size() == 1 ? Optional.of(tables.iterator().next()) : Optional.empty());
  }
}
