package org.ropebridge.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Way;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;

/**
 * Says what is wrong with a plan on a model. Every plan passes here after reading and again before
 * it becomes SQL; a plan without faults can be computed without multiplying or losing rows.
 */
public final class PlanCheck {
  private final Model model;
  private final LinkPaths paths;

  public PlanCheck(Model model, LinkPaths paths) {
    this.model = model;
    this.paths = paths;
  }

  /**
   * A fault of a plan.
   *
   * @param kind what went wrong
   * @param message for people, a sentence
   * @param column the column it is about, if one is
   * @param roles the roles to choose from when the way to the column is not clear
   */
  public record Fault(Kind kind, String message, Optional<ColumnRef> column, List<String> roles) {
    static Fault of(Kind kind, String message) {
      return new Fault(kind, message, Optional.empty(), List.of());
    }
  }

  /** What can be wrong. */
  public enum Kind {
    UNKNOWN_ITEM,
    NOT_REACHABLE,
    UNCLEAR_WAY,
    NO_DATE,
    WRONG_STATISTIC,
    MALFORMED
  }

  /** The faults of the plan; none when it can be computed. */
  public List<Fault> faults(Plan plan) {
    List<Fault> faults = new ArrayList<>();
    if (new HashSet<>(plan.measures()).size() < plan.measures().size()
        || new HashSet<>(plan.groupings()).size() < plan.groupings().size()
        || new HashSet<>(plan.filters()).size() < plan.filters().size()) {
      faults.add(Fault.of(Kind.MALFORMED, "The same thing is asked for twice."));
    }
    for (Measure measure : plan.measures()) {
      measure(measure, faults);
    }
    if (!faults.isEmpty()) {
      return faults;
    }
    Set<Base> bases = new LinkedHashSet<>();
    plan.measures().forEach(m -> bases.addAll(bases(m)));
    for (Base base : bases) {
      plan.groupings().forEach(g -> grouping(base, g, faults));
      plan.filters().forEach(f -> filter(base, f, faults));
    }
    wholePlan(plan, faults);
    return faults;
  }

  private void wholePlan(Plan plan, List<Fault> faults) {
    plan.ranking()
        .ifPresent(
            r -> {
              if (plan.groupings().isEmpty() || !plan.measures().contains(r.by())) {
                faults.add(
                    Fault.of(Kind.MALFORMED, "A ranking needs something to rank, and a measure."));
              }
            });
    plan.sort()
        .ifPresent(
            s -> {
              if (!plan.measures().contains(s.by()) && !plan.groupings().contains(s.by())) {
                faults.add(Fault.of(Kind.MALFORMED, "Rows can be sorted by what they show only."));
              }
            });
    List<Object> weekdayFilters =
        plan.filters().stream()
            .filter(Filter.OnWeekdays.class::isInstance)
            .map(f -> (Object) ((Filter.OnWeekdays) f).date())
            .toList();
    if (new HashSet<>(weekdayFilters).size() < weekdayFilters.size()) {
      faults.add(Fault.of(Kind.MALFORMED, "One date is limited to days of the week twice."));
    }
    long valueFilters =
        plan.filters().stream().filter(f -> f instanceof Filter.InValues v && !v.negated()).count();
    long columns =
        plan.filters().stream()
            .filter(f -> f instanceof Filter.InValues v && !v.negated())
            .map(f -> ((Filter.InValues) f).column())
            .distinct()
            .count();
    if (columns < valueFilters) {
      faults.add(Fault.of(Kind.MALFORMED, "One column is limited to values twice."));
    }
  }

  /** A table that rows are read from, and the date that places them in time. */
  private record Base(String table, Optional<ColumnRef> date) {}

  private Set<Base> bases(Measure measure) {
    Set<Base> bases = new LinkedHashSet<>();
    if (measure instanceof Measure.MetricValue value) {
      for (Metric leaf : MeasureTables.leaves(model.metric(value.metric()), model)) {
        String table = leaf.table().orElseThrow();
        bases.add(new Base(table, MeasureTables.date(table, Optional.of(leaf), model)));
      }
    } else {
      for (String table : MeasureTables.of(measure, model)) {
        bases.add(new Base(table, MeasureTables.date(table, Optional.empty(), model)));
      }
    }
    return bases;
  }

  private void measure(Measure measure, List<Fault> faults) {
    if (measure instanceof Measure.MetricValue value) {
      if (model.findMetric(value.metric()).isEmpty()) {
        faults.add(unknown("metric " + value.metric()));
      }
    } else if (measure instanceof Measure.RowCount count) {
      if (model.findTable(count.table()).isEmpty()) {
        faults.add(unknown("table " + count.table()));
      }
    } else if (measure instanceof Measure.DistinctRows rows) {
      if (model.findTable(rows.with()).isEmpty() || model.findTable(rows.counted()).isEmpty()) {
        faults.add(unknown("table " + rows.counted()));
        return;
      }
      ColumnRef key = new ColumnRef(rows.counted(), model.table(rows.counted()).key(), rows.role());
      way(rows.with(), key, faults);
    } else if (measure instanceof Measure.DistinctValues values) {
      exists(values.column(), faults);
    } else if (measure instanceof Measure.Statistic statistic
        && exists(statistic.column(), faults)) {
      statistic(statistic, faults);
    }
  }

  private void statistic(Measure.Statistic statistic, List<Fault> faults) {
    Column column = model.column(statistic.column());
    boolean ends =
        statistic.kind() == Measure.Kind.MINIMUM || statistic.kind() == Measure.Kind.MAXIMUM;
    boolean number = column.holds() == Column.Holds.NUMBER;
    if (!number && !(ends && column.holds().isTemporal())) {
      faults.add(
          new Fault(
              Kind.WRONG_STATISTIC,
              "\""
                  + column.label()
                  + "\" does not hold numbers, so it has no "
                  + statistic.kind().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ')
                  + ".",
              Optional.of(statistic.column()),
              List.of()));
    } else if (statistic.kind() == Measure.Kind.SUM && !addsUp(column)) {
      faults.add(
          new Fault(
              Kind.WRONG_STATISTIC,
              "\""
                  + column.label()
                  + "\" does not add up, so it has no total; ask for its average, "
                  + "lowest or highest.",
              Optional.of(statistic.column()),
              List.of()));
    }
  }

  private static boolean addsUp(Column column) {
    return column.addsUp().map(a -> a == Column.AddsUp.SUM).orElse(true);
  }

  private void grouping(Base base, Grouping grouping, List<Fault> faults) {
    if (grouping instanceof Grouping.ByColumn by) {
      if (exists(by.column(), faults)) {
        way(base.table(), by.column(), faults);
      }
    } else {
      Grouping.ByTime time = (Grouping.ByTime) grouping;
      if (time.unit() == TimeUnit.HOUR_OF_DAY) {
        Optional<ColumnRef> date = time.date().or(base::date);
        boolean hasHours =
            date.isPresent() && model.column(date.get()).holds() == Column.Holds.TIME;
        if (!hasHours) {
          faults.add(
              Fault.of(Kind.NO_DATE, "The dates of " + plural(base) + " have no time of day."));
        }
      }
      date(base, time.date(), faults);
    }
  }

  private void filter(Base base, Filter filter, List<Fault> faults) {
    if (filter instanceof Filter.InValues values) {
      column(base, values.column(), faults);
    } else if (filter instanceof Filter.Compare compare) {
      column(base, compare.column(), faults);
    } else if (filter instanceof Filter.IsTrue yes) {
      column(base, yes.column(), faults);
    } else if (filter instanceof Filter.Meets meets) {
      if (model
          .findTable(meets.table())
          .flatMap(t -> t.findCondition(meets.condition()))
          .isEmpty()) {
        faults.add(unknown("condition " + meets.condition()));
      } else {
        way(base.table(), ColumnRef.of(meets.table(), model.table(meets.table()).key()), faults);
      }
    } else if (filter instanceof Filter.InPeriod period) {
      date(base, period.date(), faults);
    } else if (filter instanceof Filter.OnWeekdays weekdays) {
      date(base, weekdays.date(), faults);
    }
  }

  private void column(Base base, ColumnRef ref, List<Fault> faults) {
    if (exists(ref, faults)) {
      way(base.table(), ref, faults);
    }
  }

  private void date(Base base, Optional<ColumnRef> said, List<Fault> faults) {
    if (said.isPresent()) {
      if (exists(said.get(), faults)) {
        if (!model.column(said.get()).holds().isTemporal()) {
          faults.add(
              Fault.of(Kind.NO_DATE, "\"" + model.column(said.get()).label() + "\" is no date."));
        }
        way(base.table(), said.get(), faults);
      }
    } else if (base.date().isEmpty()) {
      faults.add(
          Fault.of(
              Kind.NO_DATE,
              "The model gives " + plural(base) + " no date, so no period limits them."));
    }
  }

  private String plural(Base base) {
    return model.table(base.table()).rowNounPlural();
  }

  private boolean exists(ColumnRef ref, List<Fault> faults) {
    boolean exists =
        model.findTable(ref.table()).flatMap(t -> t.findColumn(ref.column())).isPresent();
    if (!exists) {
      faults.add(unknown("column " + ref));
    }
    return exists;
  }

  private void way(String from, ColumnRef to, List<Fault> faults) {
    List<Way> ways = paths.shortest(from, to.table(), to.role());
    String label =
        model.table(to.table()).knownBy().filter(k -> k.equals(to.column())).isPresent()
                || model.table(to.table()).key().equals(to.column())
            ? model.table(to.table()).rowNoun()
            : model.column(to).label();
    if (ways.isEmpty()) {
      faults.add(
          new Fault(
              Kind.NOT_REACHABLE,
              model.table(from).rowNounPlural()
                  + " have no single "
                  + label
                  + ", so they cannot be split or limited by it.",
              Optional.of(to),
              List.of()));
    } else if (ways.size() > 1) {
      faults.add(
          new Fault(
              Kind.UNCLEAR_WAY,
              model.table(from).rowNounPlural()
                  + " lead to \""
                  + label
                  + "\" in "
                  + ways.size()
                  + " ways.",
              Optional.of(to),
              rolesThatDiffer(ways)));
    }
  }

  private static List<String> rolesThatDiffer(List<Way> ways) {
    List<String> roles = new ArrayList<>();
    for (Way way : ways) {
      way.steps().stream()
          .map(LinkPaths.Step::role)
          .filter(
              r ->
                  ways.stream()
                          .filter(w -> w.steps().stream().anyMatch(s -> s.role().equals(r)))
                          .count()
                      == 1)
          .findFirst()
          .ifPresent(roles::add);
    }
    return roles;
  }

  private static Fault unknown(String what) {
    return Fault.of(Kind.UNKNOWN_ITEM, "The model has no " + what + ".");
  }
}
