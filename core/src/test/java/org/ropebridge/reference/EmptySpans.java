package org.ropebridge.reference;

import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** The spans of time in which nothing happened, which an answer shows too. */
final class EmptySpans {
  private static final int MOST = 300;
  private final PeriodResolver periods;
  private final Placing placing;

  EmptySpans(PeriodResolver periods, Placing placing) {
    this.periods = periods;
    this.placing = placing;
  }

  /** There are more groups than is worth waiting for. */
  static final class TooLarge extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  /** The groups of every span that lies in the answer's time, for each combination of the rest. */
  Set<Group> missing(Set<Group> groups, Plan plan, Moment moment) {
    List<Grouping.ByTime> stretches = Grouping.stretches(plan.groupings());
    if (stretches.size() != 1 || leavesGaps(plan) || ranksWhatThereIs(plan)) {
      return Set.of();
    }
    Grouping.ByTime grouping = stretches.get(0);
    int index = plan.groupings().indexOf(grouping);
    List<LocalDate> dates =
        groups.stream()
            .map(g -> (LocalDate) g.cells().get(index).shown())
            .filter(Objects::nonNull)
            .sorted()
            .toList();
    Optional<DayRange> range = range(plan, grouping, moment);
    Optional<LocalDate> first =
        range
            .flatMap(DayRange::first)
            .map(d -> span(grouping.unit(), d))
            .or(() -> dates.stream().findFirst());
    Optional<LocalDate> newest = dates.stream().max(LocalDate::compareTo);
    Optional<LocalDate> last =
        range.flatMap(DayRange::last).map(d -> last(grouping.unit(), d, newest)).or(() -> newest);
    Set<Group> missing = new LinkedHashSet<>();
    if (first.isEmpty() || last.isEmpty()) {
      return missing;
    }
    for (LocalDate day = first.get(); !day.isAfter(last.get()); day = next(grouping.unit(), day)) {
      if (missing.size() > MOST) {
        throw new TooLarge();
      }
      if (plan.groupings().size() == 1) {
        missing.add(new Group(List.of(Group.Cell.of(day))));
      }
      for (Group group : groups) {
        missing.add(group.with(index, Group.Cell.of(day)));
      }
    }
    return missing;
  }

  /** Of a period that is not over, spans are shown up to today, or as far as there is data. */
  private LocalDate last(TimeUnit unit, LocalDate end, Optional<LocalDate> newest) {
    if (!end.isAfter(periods.today())) {
      return span(unit, end);
    }
    LocalDate today = span(unit, periods.today());
    return newest.filter(n -> n.isAfter(today)).orElse(today);
  }

  private LocalDate span(TimeUnit unit, LocalDate day) {
    return (LocalDate) placing.span(unit, day);
  }

  private static LocalDate next(TimeUnit unit, LocalDate first) {
    return switch (unit) {
      case YEAR, BUSINESS_YEAR -> first.plusYears(1);
      case QUARTER -> first.plusMonths(3);
      case MONTH -> first.plusMonths(1);
      case WEEK -> first.plusWeeks(1);
      default -> first.plusDays(1);
    };
  }

  private static boolean leavesGaps(Plan plan) {
    return plan.filters().stream()
        .anyMatch(
            f -> f instanceof Filter.Recurring || f instanceof Filter.InPeriod in && in.negated());
  }

  /** Among the highest, only what there is counts; figures along time need every span. */
  private static boolean ranksWhatThereIs(Plan plan) {
    boolean alongTime =
        plan.measures().stream()
            .anyMatch(m -> m instanceof Measure.Cumulative || m instanceof Measure.MovingAverage);
    return plan.ranking().isPresent()
        && !alongTime
        && (plan.ranking().get().top() || plan.groupings().size() > 1);
  }

  private Optional<DayRange> range(Plan plan, Grouping.ByTime grouping, Moment moment) {
    List<Period> limits =
        plan.filters().stream()
            .filter(f -> f instanceof Filter.InPeriod in && in.date().equals(grouping.date()))
            .map(f -> ((Filter.InPeriod) f).period())
            .toList();
    boolean replaced = moment.other().isPresent() && grouping.date().isEmpty();
    return limits.size() == 1
        ? Optional.of(periods.resolve(replaced ? moment.other().get() : limits.get(0)))
        : Optional.empty();
  }
}
