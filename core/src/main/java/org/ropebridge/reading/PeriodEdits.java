package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Changes the times that a plan keeps to. */
final class PeriodEdits {
  private final Scope scope;

  PeriodEdits(Scope scope) {
    this.scope = scope;
  }

  /** Times become all of the unit that they begin in. */
  Plan inWhole(Plan plan, Period.Unit unit) {
    return withPeriods(
        withoutGaps(plan),
        p -> scope.periods().resolve(p).first().map(day -> spanWith(day, unit)).orElse(p));
  }

  /** Times that are fixed become the unit that begins when they are over. */
  Plan after(Plan plan, Period.Unit unit) {
    return withPeriods(
        withoutGaps(plan),
        p ->
            p instanceof Period.Span
                ? scope
                    .periods()
                    .resolve(p)
                    .last()
                    .map(last -> spanWith(last.plusDays(1), unit))
                    .orElse(p)
                : p);
  }

  /**
   * Times become as much earlier as a unit is long: of the same unit the one before, of a smaller
   * one the same part of the unit before.
   */
  Plan before(Plan plan, Period.Unit unit) {
    return withPeriods(plan, p -> before(p, unit));
  }

  /**
   * "what about 2024", of huts without callouts in 2025: another time of what points at them, where
   * just this has one.
   */
  static Optional<Plan> ofRelated(Plan plan, List<Contribution> said) {
    List<Filter.Having> timed =
        plan.filters().stream()
            .filter(Filter.Having.class::isInstance)
            .map(Filter.Having.class::cast)
            .filter(h -> h.filters().stream().anyMatch(Filter.InPeriod.class::isInstance))
            .toList();
    boolean ofItself = plan.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    Optional<Filter.InPeriod> wanted =
        said.stream()
            .filter(c -> said.size() == 1)
            .filter(Contribution.Narrowing.class::isInstance)
            .map(c -> ((Contribution.Narrowing) c).filter())
            .filter(Filter.InPeriod.class::isInstance)
            .map(Filter.InPeriod.class::cast)
            .filter(in -> in.date().isEmpty() && !in.negated())
            .findFirst();
    if (ofItself || timed.size() != 1 || wanted.isEmpty()) {
      return Optional.empty();
    }
    Filter.Having old = timed.get(0);
    Filter.Having other =
        old.with(
            old.role(),
            old.filters().stream()
                .map(
                    f ->
                        f instanceof Filter.InPeriod in
                            ? new Filter.InPeriod(wanted.get().period(), in.date(), in.negated())
                            : f)
                .toList());
    return Optional.of(
        plan.withFilters(plan.filters().stream().map(f -> f.equals(old) ? other : f).toList()));
  }

  private Period before(Period period, Period.Unit unit) {
    DayRange days = scope.periods().resolve(period);
    if (days.first().isEmpty() || days.last().isEmpty()) {
      return period;
    }
    LocalDate first = days.first().get();
    LocalDate start = scope.periods().start(unit, first);
    boolean longer = scope.periods().start(unit, days.last().get()).isAfter(start);
    if (longer) {
      return period;
    }
    LocalDate earlier = scope.periods().start(unit, start.minusDays(1));
    if (start.equals(first) && isWhole(period, unit)) {
      return new Period.Span(unit, earlier);
    }
    return unit == Period.Unit.YEAR ? inYear(period, first.getYear() - 1).orElse(period) : period;
  }

  /** Whether the period is one of the unit, as far as it may have gone by. */
  private boolean isWhole(Period period, Period.Unit unit) {
    return period instanceof Period.Span span && span.unit() == unit
        || period instanceof Period.Relative relative && relative.unit() == unit;
  }

  private Period spanWith(LocalDate day, Period.Unit unit) {
    return new Period.Span(unit, scope.periods().start(unit, day));
  }

  /** The plan with other periods in the place of those that keep rows. */
  private static Plan withPeriods(Plan plan, UnaryOperator<Period> other) {
    return plan.withFilters(
        plan.filters().stream()
            .map(
                f ->
                    f instanceof Filter.InPeriod in
                        ? new Filter.InPeriod(other.apply(in.period()), in.date(), in.negated())
                        : f)
            .toList());
  }

  /** Times that are left out are so of the time of before, and not of another. */
  private static Plan withoutGaps(Plan plan) {
    boolean timed =
        plan.filters().stream().anyMatch(f -> f instanceof Filter.InPeriod in && !in.negated());
    return timed
        ? plan.withFilters(
            plan.filters().stream()
                .filter(f -> !(f instanceof Filter.InPeriod in && in.negated()))
                .toList())
        : plan;
  }

  /**
   * "what about 2024", of policies that were cancelled in 2025: cancelled then, where nothing else
   * is said and the only time before is of a date of what is told.
   */
  Contribution onDateOf(Contribution contribution, Plan plan) {
    List<Filter.InPeriod> times =
        plan.filters().stream()
            .filter(Filter.InPeriod.class::isInstance)
            .map(Filter.InPeriod.class::cast)
            .toList();
    Optional<ColumnRef> date =
        times.size() == 1 && !times.get(0).negated() ? times.get(0).date() : Optional.empty();
    boolean theirs =
        date.filter(d -> MeasureTables.of(plan, scope.model()).contains(d.table())).isPresent();
    return theirs
            && contribution instanceof Contribution.Narrowing narrowing
            && narrowing.filter() instanceof Filter.InPeriod in
            && in.date().isEmpty()
        ? new Contribution.Narrowing(in.onDate(date.get()), narrowing.bare())
        : contribution;
  }

  /** "only July", after "in 2025": the July of that year. */
  Contribution inTimeOf(Contribution contribution, Plan plan) {
    if (!(contribution instanceof Contribution.Narrowing narrowing)
        || !narrowing.anyYear()
        || !(narrowing.filter() instanceof Filter.InPeriod in)) {
      return contribution;
    }
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InPeriod then && !then.negated()) {
        Optional<Period> meant =
            in.period() instanceof Period.Range range
                ? inYearOf(range, then.period())
                : inside(in.period(), scope.periods().resolve(then.period()))
                    .or(() -> inYearOf(in.period(), then.period()));
        if (meant.isPresent()) {
          return new Contribution.Narrowing(
              new Filter.InPeriod(meant.get(), in.date(), in.negated()));
        }
      }
    }
    return contribution;
  }

  /** The same part of a year, the last that is in the days. */
  private Optional<Period> inside(Period period, DayRange days) {
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return Optional.empty();
    }
    int last = days.end().get().minusDays(1).getYear();
    for (int year = last; year >= days.first().get().getYear(); year--) {
      Optional<Period> then = inYear(period, year);
      if (then.isPresent()) {
        DayRange range = scope.periods().resolve(then.get());
        boolean within =
            range.first().isPresent()
                && range.end().isPresent()
                && !range.first().get().isBefore(days.first().get())
                && !range.end().get().isAfter(days.end().get());
        if (within) {
          return then;
        }
      }
    }
    return Optional.empty();
  }

  /** The same part of the year that the other period is in, where it is in one. */
  Optional<Period> inYearOf(Period period, Period other) {
    if (other instanceof Period.InSeason season) {
      return inYear(period, season.year());
    }
    DayRange days = scope.periods().resolve(other);
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return Optional.empty();
    }
    int year = days.first().get().getYear();
    return days.end().get().minusDays(1).getYear() == year
        ? inYear(period, year)
        : Optional.empty();
  }

  static Optional<Period> inYear(Period period, int year) {
    if (period instanceof Period.Span span) {
      return span.unit() == Period.Unit.WEEK
          ? Optional.empty()
          : Optional.of(new Period.Span(span.unit(), span.first().withYear(year)));
    } else if (period instanceof Period.InSeason season) {
      return Optional.of(new Period.InSeason(season.season(), year));
    }
    return period instanceof Period.During during
        ? Optional.of(new Period.During(during.occasion(), year))
        : Optional.empty();
  }

  /** "from April to June", "since March": the same days of the only year that the other is in. */
  private Optional<Period> inYearOf(Period.Range range, Period other) {
    DayRange days = scope.periods().resolve(other);
    if (days.first().isEmpty() || days.last().isEmpty()) {
      return Optional.empty();
    }
    int year = days.first().get().getYear();
    boolean oneYear = days.last().get().getYear() == year;
    boolean same = range.first().or(range::last).filter(d -> d.getYear() == year).isPresent();
    boolean split =
        range.first().isPresent()
            && range.last().isPresent()
            && range.first().get().getYear() != range.last().get().getYear();
    if (!oneYear || same || split) {
      return Optional.empty();
    }
    LocalDate first = range.first().map(d -> d.withYear(year)).orElseGet(() -> days.first().get());
    LocalDate last = range.last().map(d -> d.withYear(year)).orElseGet(() -> days.last().get());
    return last.isBefore(first)
        ? Optional.empty()
        : Optional.of(new Period.Range(Optional.of(first), Optional.of(last)));
  }
}
