package org.ropebridge.plan;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Ground.Base;
import org.ropebridge.plan.PlanCheck.Kind;

/** Checks measures by themselves, and against the plan that they stand in. */
final class MeasureCheck {
  private final Ground ground;
  private final Model model;
  private final FilterCheck filters;

  MeasureCheck(Ground ground, FilterCheck filters) {
    this.ground = ground;
    this.model = ground.model();
    this.filters = filters;
  }

  /** The tables that a measure reads rows from. */
  Set<Base> bases(Measure measure) {
    Set<Base> bases = new LinkedHashSet<>();
    Set<String> standing = Standing.of(measure, model);
    for (Measure.Basic basic : MeasureTables.basics(measure)) {
      if (basic instanceof Measure.MetricValue value) {
        for (Metric leaf : MeasureTables.leaves(model.metric(value.metric()), model)) {
          String table = leaf.table().orElseThrow();
          bases.add(
              new Base(
                  table,
                  MeasureTables.date(table, Optional.of(leaf), model),
                  standing.contains(table)));
        }
      } else {
        for (String table : MeasureTables.of(basic, model)) {
          bases.add(
              new Base(
                  table,
                  MeasureTables.date(table, Optional.empty(), model),
                  standing.contains(table)));
        }
      }
    }
    return bases;
  }

  /** Checks that the items of the measure are there and fit each other. */
  void items(Measure measure) {
    MeasureTables.basics(measure).forEach(this::basic);
    if (ground.isSound()) {
      narrowing(measure);
    }
  }

  private void narrowing(Measure measure) {
    if (measure instanceof Measure.Narrowed narrowed) {
      narrowing(narrowed.of(), narrowed.filters());
    } else if (measure instanceof Measure.Portion portion) {
      narrowing(portion.of(), portion.filters());
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      if (arithmetic.left().equals(arithmetic.right())) {
        ground.malformed("A measure is put together with itself.");
      }
      narrowing(arithmetic.left());
      narrowing(arithmetic.right());
      temporal(arithmetic.left());
      temporal(arithmetic.right());
    } else if (measure instanceof Measure.OverParts over) {
      narrowing(over.of());
      temporal(over.of());
      bases(over.of()).forEach(b -> grouping(b, over.part()));
    } else if (measure instanceof Measure.Correlation correlation) {
      narrowing(correlation.first());
      narrowing(correlation.second());
      temporal(correlation.first());
      temporal(correlation.second());
      bases(correlation).forEach(b -> grouping(b, correlation.over()));
      if (correlation.first().equals(correlation.second())) {
        ground.malformed("A measure always goes together with itself.");
      }
    } else if (measure instanceof Measure.Figure figure) {
      narrowing(figure.of());
      temporal(figure.of());
    }
  }

  private void narrowing(Measure.Basic of, List<Filter> narrowing) {
    bases(of).forEach(b -> filters.all(b, narrowing));
    filters.eachOnce(narrowing);
  }

  /** Dates are shown, but nothing is computed from them. */
  private void temporal(Measure measure) {
    if (measure instanceof Measure.Statistic statistic
        && model.column(statistic.column()).holds().isTemporal()) {
      ground.wrongStatistic(
          statistic.column(),
          "\"" + model.column(statistic.column()).label() + "\" is a date and no number.");
    }
  }

  private void basic(Measure.Basic measure) {
    if (measure instanceof Measure.MetricValue value) {
      if (model.findMetric(value.metric()).isEmpty()) {
        ground.unknown("metric " + value.metric());
      }
    } else if (measure instanceof Measure.RowCount count) {
      ground.hasTable(count.table());
    } else if (measure instanceof Measure.DistinctRows rows) {
      if (ground.hasTable(rows.with()) && ground.hasTable(rows.counted())) {
        ground.way(rows.with(), ground.key(rows.counted(), rows.role()));
      }
    } else if (measure instanceof Measure.DistinctValues values) {
      ground.hasColumn(values.column());
    } else if (measure instanceof Measure.Statistic statistic) {
      if (ground.hasColumn(statistic.column())) {
        statistic(statistic);
      }
    } else {
      duration((Measure.Duration) measure);
    }
  }

  private void duration(Measure.Duration duration) {
    if (!ground.hasColumn(duration.from()) || !ground.hasColumn(duration.to())) {
      return;
    }
    if (!duration.from().table().equals(duration.to().table())
        || duration.from().equals(duration.to())) {
      ground.malformed("Time passes between two different dates of one row.");
    }
    for (ColumnRef column : List.of(duration.from(), duration.to())) {
      if (!model.column(column).holds().isTemporal()) {
        ground.fault(Kind.NO_DATE, "\"" + model.column(column).label() + "\" is no date.");
      }
    }
  }

  private void statistic(Measure.Statistic statistic) {
    Column column = model.column(statistic.column());
    boolean ends =
        statistic.kind() == Measure.Kind.MINIMUM || statistic.kind() == Measure.Kind.MAXIMUM;
    boolean number = column.holds() == Column.Holds.NUMBER;
    if (!number && !(ends && column.holds().isTemporal())) {
      ground.wrongStatistic(
          statistic.column(),
          "\""
              + column.label()
              + "\" does not hold numbers, so it has no "
              + statistic.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ')
              + ".");
    } else if (statistic.kind() == Measure.Kind.SUM && !addsUp(column)) {
      ground.wrongStatistic(
          statistic.column(),
          "\""
              + column.label()
              + "\" does not add up, so it has no total; ask for its average, "
              + "lowest or highest.");
    }
  }

  private static boolean addsUp(Column column) {
    return column.addsUp().map(a -> a == Column.AddsUp.SUM).orElse(true);
  }

  /** Checks a breakdown of the rows of a table. */
  void grouping(Base base, Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      ground.column(base, by.column());
    } else if (grouping instanceof Grouping.BySteps by) {
      ground.column(base, by.column(), Column.Holds.NUMBER);
    } else if (grouping instanceof Grouping.ByBands by) {
      ground.column(base, by.column(), Column.Holds.NUMBER);
    } else if (grouping instanceof Grouping.ByWords by) {
      ground.column(base, by.column(), Column.Holds.TEXT, Column.Holds.CATEGORY);
    } else if (grouping instanceof Grouping.ByCondition by) {
      ground.condition(base, by.table(), by.condition());
    } else {
      Grouping.ByTime time = (Grouping.ByTime) grouping;
      ground.hours(base, time.unit(), time.date());
      ground.date(base, time.date());
    }
  }

  /** Checks what a measure needs of the plan around it. */
  void place(Measure measure, Plan plan) {
    parts(measure, plan);
    if (measure instanceof Measure.Share share) {
      share(share, plan);
    } else if (measure instanceof Measure.Compared compared) {
      compared(compared, plan);
    } else if (measure instanceof Measure.Cumulative || measure instanceof Measure.MovingAverage) {
      if (Grouping.stretches(plan.groupings()).size() != 1) {
        ground.malformed("A running figure needs a breakdown by one span of time, such as month.");
      }
    } else if (measure instanceof Measure.Rank || measure instanceof Measure.Distance) {
      if (plan.groupings().isEmpty()) {
        ground.malformed("There is nothing to put in order; say a breakdown.");
      }
    }
  }

  private void parts(Measure measure, Plan plan) {
    if (measure instanceof Measure.OverParts over && plan.groupings().contains(over.part())
        || measure instanceof Measure.Correlation c && plan.groupings().contains(c.over())) {
      ground.malformed("The parts must be finer than the groups of the answer.");
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      parts(arithmetic.left(), plan);
      parts(arithmetic.right(), plan);
    } else if (measure instanceof Measure.Figure figure) {
      parts(figure.of(), plan);
    }
  }

  private void share(Measure.Share share, Plan plan) {
    List<Grouping> parts =
        plan.groupings().stream().filter(g -> !share.within().equals(Optional.of(g))).toList();
    if (!MeasureTables.addsUp(share.of(), parts, model)) {
      ground.malformed(
          "Its parts do not add up to the whole, so a share of it would mislead; "
              + "ask for a count or a total.");
    }
    boolean grouped = !plan.groupings().isEmpty();
    boolean withinFits =
        share.within().isEmpty()
            || plan.groupings().contains(share.within().get()) && plan.groupings().size() > 1;
    if (!grouped || !withinFits) {
      ground.malformed("A share needs a breakdown into parts, or what sets the part apart.");
    }
  }

  private void compared(Measure.Compared compared, Plan plan) {
    List<Grouping.ByTime> stretches = Grouping.stretches(plan.groupings());
    List<Filter.InPeriod> periods =
        plan.filters().stream()
            .filter(f -> f instanceof Filter.InPeriod in && !in.negated())
            .map(f -> (Filter.InPeriod) f)
            .toList();
    boolean bounded = periods.stream().allMatch(p -> isBounded(p.period()));
    if (compared.earlier() instanceof Measure.Other) {
      boolean one = periods.size() == 1 && periods.get(0).date().isEmpty();
      if (!one || !stretches.isEmpty()) {
        ground.malformed("Say which period is compared with the other one.");
      }
      bases(compared).stream()
          .filter(b -> !b.stands())
          .forEach(b -> ground.date(b, Optional.empty()));
      return;
    }
    boolean unclear = periods.isEmpty() && stretches.isEmpty() || stretches.size() > 1;
    boolean spanUnclear =
        compared.earlier() instanceof Measure.SpanBefore
            && stretches.isEmpty()
            && periods.size() != 1;
    boolean tooFine =
        compared.earlier() instanceof Measure.UnitBefore before
            && stretches.stream().anyMatch(s -> !fits(s.unit(), before.unit()));
    if (unclear || spanUnclear || tooFine || !bounded) {
      ground.malformed(
          "To compare with an earlier time, say a period with a beginning and an end, "
              + "or a breakdown by a span of time.");
    }
  }

  static boolean isBounded(Period period) {
    return !(period instanceof Period.Range range)
        || range.first().isPresent() && range.last().isPresent();
  }

  /** Whether whole spans of the one unit make up the other. */
  private static boolean fits(TimeUnit span, Period.Unit unit) {
    int months = months(span);
    return switch (unit) {
      case YEAR, BUSINESS_YEAR -> true;
      case HALF -> months < 12 && span != TimeUnit.WEEK;
      case QUARTER -> months <= 3 && span != TimeUnit.WEEK;
      case MONTH -> months <= 1 && span != TimeUnit.WEEK;
      case WEEK -> span == TimeUnit.WEEK || span == TimeUnit.DAY;
      case DAY -> span == TimeUnit.DAY;
    };
  }

  private static int months(TimeUnit span) {
    return switch (span) {
      case YEAR, BUSINESS_YEAR -> 12;
      case QUARTER -> 3;
      case MONTH -> 1;
      default -> 0;
    };
  }
}
