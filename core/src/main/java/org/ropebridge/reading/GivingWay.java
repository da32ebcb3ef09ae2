package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** What of a plan gives way to what is said of the same kind, or is let back in. */
final class GivingWay {
  private final Scope scope;

  GivingWay(Scope scope) {
    this.scope = scope;
  }

  /**
   * Without filters that a new one takes the place of.
   *
   * @param inPlace whether also values of tables that belong to it, as huts to a valley, give way
   */
  Plan withoutLike(Plan plan, Filter filter, boolean inPlace) {
    Plan less = PlanParts.withFilters(plan, f -> !givesWay(f, filter));
    boolean value = filter instanceof Filter.InValues in && !in.negated();
    if (!inPlace || !value || !less.equals(plan)) {
      return less;
    }
    String table = ((Filter.InValues) filter).column().table();
    return PlanParts.withFilters(
        plan,
        f ->
            !(f instanceof Filter.InValues other
                && !other.negated()
                && isNear(other.column().table(), table)));
  }

  private boolean isNear(String one, String other) {
    return !one.equals(other)
        && (scope.paths().shortest(one, other, Optional.empty()).size() > 0
            || scope.paths().shortest(other, one, Optional.empty()).size() > 0);
  }

  private static boolean givesWay(Filter old, Filter filter) {
    if (filter instanceof Filter.InPeriod in) {
      boolean sameDate =
          old instanceof Filter.InPeriod period
              && (period.date().equals(in.date())
                  || period.date().isEmpty()
                  || in.date().isEmpty());
      return sameDate && !in.negated();
    } else if (filter instanceof Filter.Recurring on) {
      return old instanceof Filter.Recurring other && other.part() == on.part();
    } else if (filter instanceof Filter.Meets meets) {
      return old instanceof Filter.Meets other
          && other.table().equals(meets.table())
          && other.condition().equals(meets.condition());
    } else if (filter instanceof Filter.HasText) {
      return false;
    } else if (filter instanceof Filter.InValues in && in.negated()) {
      return old instanceof Filter.InValues other
          && !other.negated()
          && PlanParts.isOf(old, in.column().withoutRole())
          && in.values().containsAll(other.values());
    }
    return old.getClass() == filter.getClass()
        && filter
            .narrowedColumn()
            .map(ColumnRef::withoutRole)
            .filter(c -> PlanParts.isOf(old, c))
            .isPresent();
  }

  /**
   * Without breakdowns that new ones take the place of: of those by time ones by time, and of
   * others others.
   *
   * @param inPlace whether all give way where none is of the same kind
   */
  Plan withoutLike(Plan plan, List<Grouping> groupings, boolean inPlace) {
    boolean time = groupings.stream().allMatch(Grouping.ByTime.class::isInstance);
    boolean mixed = !time && groupings.stream().anyMatch(Grouping.ByTime.class::isInstance);
    boolean likeThere =
        plan.groupings().stream().anyMatch(g -> g instanceof Grouping.ByTime == time);
    if (mixed || inPlace && !likeThere) {
      return PlanParts.withGroupings(plan, g -> false)
          .withKeeps(plan.keeps())
          .withRanking(plan.ranking().map(GivingWay::overall));
    }
    Plan less =
        PlanParts.withGroupings(plan, g -> g instanceof Grouping.ByTime != time)
            .withKeeps(plan.keeps());
    return less.withRanking(
        plan.ranking()
            .map(
                r ->
                    r.within().filter(w -> !less.groupings().contains(w)).isPresent()
                        ? overall(r)
                        : r));
  }

  private static Plan.Ranking overall(Plan.Ranking ranking) {
    return new Plan.Ranking(ranking.top(), ranking.count(), ranking.by());
  }

  /** Whether the words name values that the plan leaves out. */
  boolean isLetBackIn(Plan plan, Contribution contribution) {
    return contribution instanceof Contribution.Narrowing narrowing
        && plan.filters().stream().anyMatch(f -> leavesOut(f, narrowing.filter()));
  }

  private static boolean leavesOut(Filter filter, Filter named) {
    return filter instanceof Filter.InValues out
        && named instanceof Filter.InValues in
        && out.negated()
        && !in.negated()
        && out.column().withoutRole().equals(in.column().withoutRole())
        && out.values().containsAll(in.values());
  }

  /** The plan with values let back in that it left out. */
  static Plan lettingBackIn(Plan plan, List<Filter> named) {
    List<Filter> left = new ArrayList<>();
    for (Filter filter : plan.filters()) {
      List<String> back =
          named.stream()
              .filter(n -> leavesOut(filter, n))
              .flatMap(n -> ((Filter.InValues) n).values().stream())
              .toList();
      if (back.isEmpty()) {
        left.add(filter);
        continue;
      }
      Filter.InValues out = (Filter.InValues) filter;
      List<String> values = out.values().stream().filter(v -> !back.contains(v)).toList();
      if (!values.isEmpty()) {
        left.add(new Filter.InValues(out.column(), values, true));
      }
    }
    return plan.withFilters(left);
  }
}
