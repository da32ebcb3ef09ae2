package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Scope;

/** Makes one plan of two that differ in one thing. */
final class TwoPlans {
  private final Scope scope;

  TwoPlans(Scope scope) {
    this.scope = scope;
  }

  /** A plan of the rows, or the measures, of both; empty where they differ in more. */
  Optional<Plan> both(Plan first, Plan second) {
    List<Measure> measures = new ArrayList<>(first.measures());
    second.measures().stream().filter(m -> !measures.contains(m)).forEach(measures::add);
    if (second.withMeasures(measures).equals(first.withMeasures(measures))) {
      return Optional.of(first.withMeasures(measures));
    } else if (!second.withFilters(List.of()).equals(first.withFilters(List.of()))) {
      return Optional.empty();
    }
    List<Filter> onlyFirst = without(first.filters(), second.filters());
    List<Filter> onlySecond = without(second.filters(), first.filters());
    if (onlyFirst.size() != 1 || onlySecond.size() != 1) {
      return Optional.empty();
    }
    return both(onlyFirst.get(0), onlySecond.get(0))
        .map(
            both ->
                first.withFilters(
                    first.filters().stream()
                        .map(f -> f.equals(onlyFirst.get(0)) ? both : f)
                        .toList()));
  }

  private static List<Filter> without(List<Filter> some, List<Filter> others) {
    return some.stream().filter(f -> !others.contains(f)).toList();
  }

  private Optional<Filter> both(Filter one, Filter other) {
    if (one instanceof Filter.InValues a
        && other instanceof Filter.InValues b
        && a.column().equals(b.column())
        && !a.negated()
        && !b.negated()) {
      return Optional.of(a.or(b.values()));
    } else if (one instanceof Filter.InPeriod a
        && other instanceof Filter.InPeriod b
        && a.date().equals(b.date())
        && !a.negated()
        && !b.negated()) {
      return together(a.period(), b.period()).map(p -> new Filter.InPeriod(p, a.date(), false));
    }
    return Optional.empty();
  }

  /** A time of two, where one begins when the other is over. */
  private Optional<Period> together(Period one, Period other) {
    DayRange a = scope.periods().resolve(one);
    DayRange b = scope.periods().resolve(other);
    DayRange earlier = starts(a).isBefore(starts(b)) ? a : b;
    DayRange later = earlier == a ? b : a;
    boolean adjoin = earlier.end().isPresent() && earlier.end().equals(later.first());
    return adjoin ? Optional.of(new Period.Range(earlier.first(), later.last())) : Optional.empty();
  }

  private static LocalDate starts(DayRange days) {
    return days.first().orElse(LocalDate.MIN);
  }
}
