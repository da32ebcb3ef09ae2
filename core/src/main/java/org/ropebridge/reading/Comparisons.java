package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.plan.Back;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Finds what shares are of, and which times are compared. */
final class Comparisons {
  private final Collected said;
  private final Scope scope;

  Comparisons(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
  }

  /** Turns comparisons into measures; false when they compare nothing. */
  boolean settle() {
    return shares() && times();
  }

  /**
   * A share is of all groups, where there are groups; otherwise what is said last of the rows sets
   * the part apart.
   */
  private boolean shares() {
    for (Contribution.ShareOf share : said.shares) {
      List<Filter> part = new ArrayList<>(said.predicates);
      boolean within = !part.isEmpty() && said.ofShare.stream().allMatch(f -> isKind(f, share));
      if (!within) {
        part.addAll(0, said.ofShare);
      } else {
        // "what share of dogs is female": of dogs, and not of all animals.
        said.ofShare.forEach(said::addFilter);
      }
      boolean groups =
          !said.groupings.isEmpty() || said.ranked.flatMap(Contribution.Ranked::what).isPresent();
      if (part.isEmpty() && groups && said.ranked.isEmpty()) {
        // "percentage of stays from the website by month": of the stays of each month; "share of
        // stays with more than 4 people by hut": of those of each hut.
        lastNarrowing()
            .filter(said.narrowedFirst::contains)
            .filter(f -> isOverTimeOnly() || said.within.isEmpty() && mayDifferWithin(f))
            .ifPresent(part::add);
      }
      if (part.isEmpty() && groups) {
        if (said.ranked.isEmpty()) {
          said.within
              .filter(w -> !said.groupings.contains(w))
              .ifPresent(w -> said.groupings.add(0, w));
          replace(share, new Measure.Share(share.of(), said.within));
          said.within = Optional.empty();
        }
        continue;
      }
      if (part.isEmpty()) {
        lastNarrowing().or(() -> rowsWithNoun(share.of())).ifPresent(part::add);
      }
      if (part.isEmpty() || !(share.of() instanceof Measure.Basic basic)) {
        return false;
      }
      said.filters.removeAll(part);
      replace(share, new Measure.Portion(basic, part));
    }
    return true;
  }

  /**
   * "tickets paid by app by month, as a percentage": measures become the part that is narrowed to,
   * of each span of time; empty where nothing narrows them.
   */
  Optional<Filter> partOverTime() {
    boolean basic = said.measures.stream().allMatch(Measure.Basic.class::isInstance);
    return basic && said.within.isEmpty() && isOverTimeOnly() ? lastNarrowing() : Optional.empty();
  }

  /** Whether a group may have rows that are so and others: a hut has stays of all channels. */
  private boolean mayDifferWithin(Filter filter) {
    return columnOf(filter)
        .filter(c -> said.groupings.stream().allMatch(g -> mayDifferWithin(c, g)))
        .isPresent();
  }

  private boolean mayDifferWithin(ColumnRef column, Grouping grouping) {
    if (!(grouping instanceof Grouping.ByColumn by)) {
      return false;
    } else if (by.column().table().equals(column.table())) {
      return !scope.model().namesItsTable(by.column()) && !by.column().equals(column);
    }
    return scope.paths().shortest(by.column().table(), column.table(), Optional.empty()).isEmpty();
  }

  private static Optional<ColumnRef> columnOf(Filter filter) {
    if (filter instanceof Filter.InValues in) {
      return Optional.of(in.column());
    } else if (filter instanceof Filter.Compare compare) {
      return Optional.of(compare.column());
    }
    return filter instanceof Filter.IsTrue is ? Optional.of(is.column()) : Optional.empty();
  }

  private boolean isOverTimeOnly() {
    return said.ranked.isEmpty()
        && !said.groupings.isEmpty()
        && said.groupings.stream().allMatch(Grouping.ByTime.class::isInstance);
  }

  /** "share of revenue from members": the part of the rows that have a member. */
  private Optional<Filter> rowsWithNoun(Measure of) {
    List<String> nouns =
        said.nouns.stream()
            .distinct()
            .filter(n -> MeasureTables.of(of, scope.model()).stream().allMatch(b -> mayMiss(b, n)))
            .toList();
    Optional<ColumnRef> name =
        nouns.size() == 1 ? scope.namingColumn(nouns.get(0)) : Optional.empty();
    name.ifPresent(c -> said.nouns.removeIf(c.table()::equals));
    return name.map(c -> new Filter.Missing(c, true));
  }

  private boolean mayMiss(String base, String noun) {
    List<LinkPaths.Way> ways = scope.paths().shortest(base, noun, Optional.empty());
    return ways.size() == 1 && ways.get(0).steps().stream().anyMatch(s -> s.link().mayBeMissing());
  }

  /** Whether the filter says what the counted rows are called. */
  private boolean isKind(Filter filter, Contribution.ShareOf share) {
    return share.of() instanceof Measure.RowCount counted
        && filter instanceof Filter.InValues in
        && in.column().table().equals(counted.table());
  }

  /** Puts what a share turned out to be in its place among the measures. */
  private void replace(Contribution.ShareOf share, Measure found) {
    said.measures.replaceAll(
        m -> m.equals(new Measure.Share(share.of(), Optional.empty())) ? found : m);
  }

  private Optional<Filter> lastNarrowing() {
    List<Filter> parts =
        said.filters.stream()
            .filter(f -> !(f instanceof Filter.InPeriod) && !(f instanceof Filter.Recurring))
            .toList();
    return parts.isEmpty() ? Optional.empty() : Optional.of(parts.get(parts.size() - 1));
  }

  private boolean times() {
    if (said.fromTo.isPresent() && said.moved.isEmpty()) {
      return false;
    }
    boolean comparing =
        said.versus.isPresent() || said.versusTime.isPresent() || said.fromTo.isPresent();
    if (said.moved.isEmpty() && !comparing) {
      return true;
    }
    if (isJustEarlier()) {
      Period.Unit unit = ((Measure.UnitBefore) said.versus.get()).unit();
      said.addFilter(period(Period.Relative.last(1, unit)));
      return true;
    }
    said.versusTime.ifPresent(this::shareYear);
    Optional<Measure.Earlier> earlier = earlier();
    if (earlier.isEmpty()) {
      return false;
    }
    if (!said.moved.isEmpty()) {
      said.moved.forEach(
          m -> said.addMeasure(new Measure.Compared(m.move(), m.of(), earlier.get())));
      return true;
    }
    List<Measure> beside = new ArrayList<>();
    for (Measure measure : said.measures) {
      beside.add(measure);
      if (measure instanceof Measure.Plain plain) {
        beside.add(new Measure.Compared(Measure.Move.BEFORE, plain, earlier.get()));
        beside.add(new Measure.Compared(Measure.Move.GROWTH, plain, earlier.get()));
      }
    }
    if (beside.size() == said.measures.size()) {
      return false;
    }
    said.measures.clear();
    said.measures.addAll(beside);
    return true;
  }

  /** "revenue in the previous month": the time itself is meant, since no other is named. */
  private boolean isJustEarlier() {
    return said.versusByItself
        && !said.sideBySide
        && !said.isOverTime()
        && said.moved.isEmpty()
        && said.versusOf.isEmpty()
        && said.versus.filter(Measure.UnitBefore.class::isInstance).isPresent()
        && ownPeriod().isEmpty();
  }

  private Optional<Measure.Earlier> earlier() {
    if (said.fromTo.isPresent()) {
      said.addFilter(period(said.fromTo.get().later().period()));
      return Optional.of(
          between(said.fromTo.get().later().period(), said.fromTo.get().earlier().period()));
    }
    Optional<Period> now = ownPeriod();
    boolean overTime = said.isOverTime();
    if (said.versusTime.isPresent()) {
      return versus(now, said.versusTime.get().time().period());
    }
    if (said.versus.isPresent()) {
      if (!overTime && isFiner(said.versus.get(), now)) {
        Period.Unit unit = ((Measure.UnitBefore) said.versus.get()).unit();
        said.addGrouping(new Grouping.ByTime(TimeUnit.valueOf(unit.name()), Optional.empty()));
        return said.versus;
      }
      if (now.isEmpty() && !overTime) {
        assumeThis(said.versus.get());
      }
      return said.versus;
    }
    if (overTime || now.isPresent()) {
      return Optional.of(new Measure.SpanBefore());
    }
    said.addFilter(period(Period.Relative.current(Period.Unit.YEAR)));
    said.assumptions.add(new Assumption.ComparedYears());
    return Optional.of(new Measure.UnitBefore(Period.Unit.YEAR));
  }

  /** Whether what is told "month over month" is told for each month of a longer time. */
  private boolean isFiner(Measure.Earlier earlier, Optional<Period> now) {
    if (!(earlier instanceof Measure.UnitBefore before)
        || before.unit() == Period.Unit.HALF
        || said.moved.isEmpty() && now.isEmpty()) {
      return false;
    }
    if (now.isEmpty()) {
      return true;
    }
    DayRange days = scope.periods().resolve(now.get());
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return true;
    }
    LocalDate first = days.first().get();
    return scope.periods().start(before.unit(), days.end().get().minusDays(1)).isAfter(first);
  }

  /** Without a period, "the year before" is the one before this year. */
  private void assumeThis(Measure.Earlier earlier) {
    Period.Unit unit =
        said.versusOf.orElseGet(
            () -> earlier instanceof Measure.UnitBefore before ? before.unit() : Period.Unit.YEAR);
    said.addFilter(period(Period.Relative.current(unit)));
    said.assumptions.add(new Assumption.ComparedYears());
  }

  /**
   * "January vs March 2025", "May 2024 vs 2025": a year that is said of one of two times holds for
   * the other, and a year by itself is asked for the same part.
   */
  private void shareYear(Contribution.VersusTime versus) {
    Optional<Period> own = ownPeriod();
    if (own.isEmpty()) {
      return;
    }
    PeriodEdits edits = new PeriodEdits(scope);
    Period now = own.get();
    Period other = versus.time().period();
    if (said.anyYear.contains(period(now)) && versus.time().yearSaid()) {
      edits
          .inYearOf(now, other)
          .filter(p -> !isYear(other))
          .ifPresent(p -> said.filters.replaceAll(f -> f.equals(period(now)) ? period(p) : f));
      return;
    }
    boolean lacksYear = !versus.time().yearSaid() && !said.anyYear.contains(period(now));
    boolean partOfYear = isYear(other) && !isYear(now) && !isWithin(now, other);
    if (lacksYear || partOfYear) {
      (lacksYear ? edits.inYearOf(other, now) : edits.inYearOf(now, other))
          .filter(p -> !p.equals(now))
          .ifPresent(p -> said.versusTime = Optional.of(versus.with(p)));
    }
  }

  private Optional<Measure.Earlier> versus(Optional<Period> now, Period other) {
    if (now.isEmpty()) {
      Period.Unit unit =
          other instanceof Period.Relative relative ? relative.unit() : Period.Unit.YEAR;
      Period current = Period.Relative.current(unit);
      said.addFilter(period(current));
      said.assumptions.add(new Assumption.ComparedYears());
      return Optional.of(between(current, other));
    }
    Optional<LocalDate> nowFirst = scope.periods().resolve(now.get()).first();
    Optional<LocalDate> otherFirst = scope.periods().resolve(other).first();
    boolean swapped =
        nowFirst.isPresent() && otherFirst.isPresent() && otherFirst.get().isAfter(nowFirst.get());
    boolean itself = nowFirst.isPresent() && nowFirst.equals(otherFirst);
    boolean open = now.filter(this::isOpen).isPresent() || isOpen(other);
    if (open) {
      return Optional.empty();
    } else if (itself && other instanceof Period.Relative last && last.from() != last.to()) {
      // "the last 30 days vs the previous 30 days": those before.
      return Optional.of(new Measure.SpanBefore());
    } else if (itself) {
      // "this August compared with last August": the one of the year before.
      return Optional.of(new Measure.UnitBefore(Period.Unit.YEAR));
    } else if (isWithin(now.get(), other)) {
      return Optional.of(new Measure.UnitBefore(Period.Unit.YEAR));
    } else if (!swapped) {
      return Optional.of(between(now.get(), other));
    }
    said.filters.replaceAll(f -> f.equals(period(now.get())) ? period(other) : f);
    return Optional.of(between(other, now.get()));
  }

  private boolean isYear(Period period) {
    return scope.periods().resolve(period).isYear();
  }

  private boolean isOpen(Period period) {
    DayRange days = scope.periods().resolve(period);
    return days.first().isEmpty() || days.end().isEmpty();
  }

  /** "May vs last year": beside May of last year, since a month is not held against a year. */
  private boolean isWithin(Period now, Period year) {
    DayRange days = scope.periods().resolve(now);
    DayRange whole = scope.periods().resolve(year);
    if (days.first().isEmpty() || days.end().isEmpty() || whole.first().isEmpty()) {
      return false;
    }
    DayRange before = new Back(1, Period.Unit.YEAR).of(days);
    LocalDate first = whole.first().get();
    return whole.end().equals(Optional.of(first.plusYears(1)))
        && !before.equals(whole)
        && !before.first().get().isBefore(first)
        && !before.end().get().isAfter(first.plusYears(1));
  }

  private static Filter period(Period period) {
    return new Filter.InPeriod(period, Optional.empty(), false);
  }

  private Optional<Period> ownPeriod() {
    return said.filters.stream()
        .filter(f -> f instanceof Filter.InPeriod in && in.date().isEmpty() && !in.negated())
        .map(f -> ((Filter.InPeriod) f).period())
        .findFirst();
  }

  /** The earlier period by its distance where it is a whole unit away, or else by itself. */
  private Measure.Earlier between(Period now, Period then) {
    DayRange nowDays = scope.periods().resolve(now);
    DayRange thenDays = scope.periods().resolve(then);
    if (nowDays.first().isPresent() && nowDays.end().isPresent()) {
      for (Period.Unit unit :
          List.of(
              Period.Unit.YEAR,
              Period.Unit.QUARTER,
              Period.Unit.MONTH,
              Period.Unit.WEEK,
              Period.Unit.DAY)) {
        if (new Back(1, unit).of(nowDays).equals(thenDays)) {
          return new Measure.UnitBefore(unit);
        }
      }
    }
    return new Measure.Other(then);
  }
}
