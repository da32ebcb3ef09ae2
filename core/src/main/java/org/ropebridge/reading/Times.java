package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Settles what times are about: every year, or the date of what is counted. */
final class Times {
  private final Collected said;
  private final Scope scope;
  private final Model model;

  Times(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
    this.model = scope.model();
  }

  /** "how full are the huts right now": ratios, which differ from day to day, are of today. */
  void ofToday() {
    boolean timed =
        said.filters.stream().anyMatch(Filter.InPeriod.class::isInstance)
            || said.groupings.stream().anyMatch(Grouping.ByTime.class::isInstance);
    boolean ratios =
        said.measures.stream()
            .allMatch(
                m ->
                    m instanceof Measure.MetricValue
                        && !MeasureTables.isLevel(m, scope.model())
                        && !MeasureTables.addsUp(m, scope.model()));
    if (!timed && ratios && said.filters.stream().noneMatch(Filter.Missing.class::isInstance)) {
      said.addFilter(
          new Filter.InPeriod(Period.Relative.current(Period.Unit.DAY), Optional.empty(), false));
    }
  }

  /** "in July by year": the July of every year, where no year was said. */
  void everyYear() {
    boolean byYear =
        said.groupings.stream()
            .anyMatch(g -> g instanceof Grouping.ByTime time && time.unit() == TimeUnit.YEAR);
    boolean oneTime = said.filters.stream().filter(Filter.InPeriod.class::isInstance).count() == 1;
    if (byYear && oneTime) {
      said.filters.replaceAll(
          f ->
              said.anyYear.contains(f)
                  ? months((Filter.InPeriod) f).<Filter>map(m -> m).orElse(f)
                  : f);
    }
  }

  /** "May revenue 2025": a year that stands apart is that of the only time that lacks one. */
  void inSaidYear() {
    List<Filter.InPeriod> times =
        said.filters.stream().filter(Times::isUndated).map(Filter.InPeriod.class::cast).toList();
    if (times.size() != 2) {
      return;
    }
    int lacking = said.anyYear.contains(times.get(0)) ? 0 : 1;
    Filter.InPeriod lacks = times.get(lacking);
    Filter.InPeriod year = times.get(1 - lacking);
    if (!said.anyYear.contains(lacks)
        || said.anyYear.contains(year)
        || !scope.periods().resolve(year.period()).isYear()) {
      return;
    }
    new PeriodEdits(scope)
        .inYearOf(lacks.period(), year.period())
        .ifPresent(
            p -> {
              said.filters.remove(year);
              said.filters.replaceAll(
                  f -> f.equals(lacks) ? new Filter.InPeriod(p, lacks.date(), false) : f);
            });
  }

  private Optional<Filter.Recurring> months(Filter.InPeriod in) {
    boolean ofMonths =
        in.period() instanceof Period.Span span
                && (span.unit() == Period.Unit.MONTH || span.unit() == Period.Unit.QUARTER)
            || in.period() instanceof Period.InSeason;
    if (!ofMonths) {
      return Optional.empty();
    }
    DayRange days = scope.periods().resolve(in.period());
    Set<Integer> months = new TreeSet<>();
    LocalDate end = days.end().orElseThrow();
    for (LocalDate d = days.first().orElseThrow(); d.isBefore(end); d = d.plusMonths(1)) {
      months.add(d.getMonthValue());
    }
    return Optional.of(
        new Filter.Recurring(TimeUnit.MONTH_OF_YEAR, months, in.date(), in.negated()));
  }

  /** Where times are compared, "registered this year" is a time of what is counted. */
  void ownDates() {
    List<Measure> measures = new ArrayList<>(said.measures);
    said.moved.forEach(m -> measures.add(m.of()));
    List<Optional<ColumnRef>> dates =
        measures.stream()
            .flatMap(m -> MeasureTables.of(m, model).stream())
            .distinct()
            .map(t -> MeasureTables.date(t, Optional.empty(), model))
            .distinct()
            .toList();
    if (dates.size() == 1 && dates.get(0).isPresent()) {
      said.filters.replaceAll(
          f ->
              f instanceof Filter.InPeriod in && in.date().equals(dates.get(0))
                  ? new Filter.InPeriod(in.period(), Optional.empty(), in.negated())
                  : f);
    }
  }

  /** "who closed the most tickets in July": when they were closed, and not when they came. */
  void ofDone() {
    if (said.done.size() != 1) {
      return;
    }
    Filter told = said.done.keySet().iterator().next();
    ColumnRef date = said.done.get(told);
    int known = said.filters.indexOf(told);
    Set<String> counted = new TreeSet<>();
    said.measures.forEach(m -> counted.addAll(MeasureTables.of(m, model)));
    if (said.measures.isEmpty()) {
      counted.addAll(said.nouns);
    }
    boolean apart =
        known >= 0
            && said.shares.isEmpty()
            && scope.isTemporal(date)
            && !scope.datesOf(date.table()).contains(date)
            && counted.equals(Set.of(date.table()));
    if (!apart || said.filters.subList(0, known).stream().anyMatch(Times::isUndated)) {
      return;
    }
    if (said.filters.stream().anyMatch(Times::isUndated)) {
      if (told instanceof Filter.Missing) {
        said.filters.remove(known);
      }
      said.filters.replaceAll(f -> isUndated(f) ? f.onDate(date) : f);
    }
    breakDownBy(date);
  }

  /**
   * "revenue from new customers in 2025": of those that came then; false where that cannot be said.
   */
  boolean ofNewRows() {
    if (said.newRows.isEmpty()) {
      return true;
    }
    String table = said.newRows.get();
    boolean others =
        said.measures.stream()
            .flatMap(m -> MeasureTables.of(m, model).stream())
            .anyMatch(t -> !t.equals(table));
    if (!others) {
      return true;
    }
    Optional<ColumnRef> date = MeasureTables.date(table, Optional.empty(), model);
    List<Filter> times = said.filters.stream().filter(Times::isUndated).toList();
    if (date.isEmpty() || times.isEmpty()) {
      return false;
    }
    times.forEach(f -> said.addFilter(f.onDate(date.get())));
    return true;
  }

  /** Breakdowns by time are by that date, where none is said. */
  private void breakDownBy(ColumnRef date) {
    said.groupings.replaceAll(
        g ->
            g instanceof Grouping.ByTime time && time.date().isEmpty()
                ? new Grouping.ByTime(time.unit(), Optional.of(date))
                : g);
  }

  static boolean isUndated(Filter filter) {
    return filter instanceof Filter.InPeriod in && in.date().isEmpty() && !in.negated();
  }

  /** Times are those of the events that are counted. */
  void byDateOf(Contribution.Events events) {
    Optional<ColumnRef> date = Optional.of(events.date());
    said.filters.replaceAll(f -> f.onDate(events.date()));
    breakDownBy(events.date());
    boolean placed =
        said.filters.stream()
                .anyMatch(f -> f instanceof Filter.InPeriod in && in.date().equals(date))
            || said.groupings.stream()
                .anyMatch(g -> g instanceof Grouping.ByTime time && time.date().equals(date));
    if (!placed) {
      // "cancellations" of all time are only those rows that have come to an end.
      said.filters.add(new Filter.Missing(events.date(), true));
    }
  }
}
