package org.ropebridge.plan;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Way;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;
import org.ropebridge.model.Table;

/** Random plans that a model can compute. The same seed gives the same plan. */
public final class RandomPlans {
  private final Model model;
  private final ValueIndex values;
  private final LinkPaths paths;
  private final PlanCheck check;
  private final PeriodResolver periods;

  public RandomPlans(Model model, ValueIndex values, LocalDate today) {
    this.model = model;
    this.values = values;
    this.paths = new LinkPaths(model);
    this.check = new PlanCheck(model, paths);
    this.periods = new PeriodResolver(model, today);
  }

  /** A plan without faults. */
  public Plan of(long seed) {
    Random random = new Random(seed);
    while (true) {
      Plan plan = new Attempt(random).plan();
      if (check.faults(plan).isEmpty()) {
        return plan;
      }
    }
  }

  private final class Attempt {
    private final Random random;
    private final Set<String> bases = new LinkedHashSet<>();

    Attempt(Random random) {
      this.random = random;
    }

    Plan plan() {
      Set<Measure> measures = new LinkedHashSet<>();
      int count = 1 + (random.nextInt(3) == 0 ? 1 + random.nextInt(2) : 0);
      for (int i = 0; i < count; i++) {
        measures.add(measure());
      }
      measures.forEach(m -> bases.addAll(MeasureTables.of(m, model)));
      Set<Grouping> groupings = new LinkedHashSet<>();
      for (int i = random.nextInt(3); i > 0; i--) {
        groupings.add(grouping());
      }
      List<Filter> filters = new ArrayList<>();
      boolean period = false;
      for (int i = random.nextInt(3); i > 0; i--) {
        Filter filter = filter();
        boolean second = filter instanceof Filter.InPeriod && period;
        if (!second && filters.stream().noneMatch(f -> sameColumn(f, filter))) {
          filters.add(filter);
          period |= filter instanceof Filter.InPeriod;
        }
      }
      List<Measure> measureList = List.copyOf(measures);
      List<Grouping> groupingList = List.copyOf(groupings);
      Optional<Plan.Ranking> ranking = Optional.empty();
      Optional<Plan.Sort> sort = Optional.empty();
      if (!groupings.isEmpty() && random.nextInt(3) == 0) {
        ranking =
            Optional.of(
                new Plan.Ranking(random.nextBoolean(), 1 + random.nextInt(12), pick(measureList)));
      } else if (!groupings.isEmpty() && random.nextInt(3) == 0) {
        Plan.SortKey key = random.nextBoolean() ? pick(measureList) : pick(groupingList);
        sort = Optional.of(new Plan.Sort(key, random.nextBoolean()));
      }
      Optional<Plan.Picture> picture =
          random.nextInt(4) == 0
              ? Optional.of(pick(List.of(Plan.Picture.values())))
              : Optional.empty();
      return new Plan(measureList, groupingList, filters, ranking, sort, picture);
    }

    private static boolean sameColumn(Filter a, Filter b) {
      return a instanceof Filter.InValues x
          && b instanceof Filter.InValues y
          && x.column().withoutRole().equals(y.column().withoutRole());
    }

    private Measure measure() {
      Table table = pick(model.tables());
      switch (random.nextInt(6)) {
        case 0:
          return new Measure.RowCount(table.name());
        case 1:
          return distinctRows(table);
        case 2:
          List<ColumnRef> categories = columns(table, c -> c.holds() == Column.Holds.CATEGORY);
          List<ColumnRef> plain = categories.stream().filter(c -> !model.namesItsTable(c)).toList();
          return plain.isEmpty()
              ? new Measure.RowCount(table.name())
              : new Measure.DistinctValues(pick(plain));
        case 3:
          return statistic(table);
        default:
          return new Measure.MetricValue(pick(model.metrics()).name());
      }
    }

    private Measure distinctRows(Table table) {
      if (table.links().isEmpty()) {
        return new Measure.RowCount(table.name());
      }
      Link link = pick(table.links());
      boolean onlyWay = paths.shortest(table.name(), link.to(), Optional.empty()).size() == 1;
      boolean self = link.to().equals(table.name());
      return new Measure.DistinctRows(
          link.to(),
          table.name(),
          onlyWay && !self ? Optional.empty() : Optional.of(table.name() + "." + link.name()));
    }

    private Measure statistic(Table table) {
      List<ColumnRef> numbers = columns(table, c -> c.holds() == Column.Holds.NUMBER);
      if (numbers.isEmpty()) {
        return new Measure.RowCount(table.name());
      }
      Measure.Kind kind = pick(List.of(Measure.Kind.values()));
      int percentile = kind == Measure.Kind.PERCENTILE ? 1 + random.nextInt(99) : 0;
      return new Measure.Statistic(kind, pick(numbers), percentile);
    }

    private Grouping grouping() {
      if (random.nextInt(3) == 0) {
        return new Grouping.ByTime(pick(List.of(TimeUnit.values())), date());
      }
      return new Grouping.ByColumn(
          reached(
              c ->
                  !c.holds().isTemporal()
                      && c.holds() != Column.Holds.TEXT
                      && c.holds() != Column.Holds.NUMBER));
    }

    private Optional<ColumnRef> date() {
      return random.nextInt(3) == 0
          ? Optional.of(reached(c -> c.holds().isTemporal()))
          : Optional.empty();
    }

    /** A column that can be reached from the first base, with a role where it needs one. */
    private ColumnRef reached(java.util.function.Predicate<Column> kind) {
      String base = bases.iterator().next();
      for (int tries = 0; tries < 40; tries++) {
        Table table = pick(model.tables());
        List<ColumnRef> columns = columns(table, kind);
        List<Way> ways = paths.shortest(base, table.name(), Optional.empty());
        if (columns.isEmpty() || ways.isEmpty()) {
          continue;
        }
        ColumnRef column = pick(columns);
        if (ways.size() == 1) {
          return column;
        }
        List<String> roles =
            ways.stream()
                .flatMap(w -> w.steps().stream())
                .map(LinkPaths.Step::role)
                .filter(r -> paths.shortest(base, table.name(), Optional.of(r)).size() == 1)
                .distinct()
                .toList();
        if (!roles.isEmpty()) {
          return column.withRole(pick(roles));
        }
      }
      return columns(model.table(base), c -> true).get(0);
    }

    private Filter filter() {
      switch (random.nextInt(6)) {
        case 0, 1:
          ColumnRef category = reached(c -> c.holds() == Column.Holds.CATEGORY);
          List<String> stored = new ArrayList<>(values.of(category));
          if (stored.isEmpty()) {
            return period();
          }
          java.util.Collections.shuffle(stored, random);
          return new Filter.InValues(
              category,
              stored.subList(0, Math.min(stored.size(), 1 + random.nextInt(3))),
              random.nextInt(4) == 0);
        case 2:
          return compare();
        case 3:
          List<Table> conditional =
              model.tables().stream().filter(t -> !t.conditions().isEmpty()).toList();
          Table table = pick(conditional);
          return new Filter.Meets(
              table.name(), pick(table.conditions()).name(), random.nextInt(4) == 0);
        case 4:
          Set<DayOfWeek> days =
              EnumSet.of(pick(List.of(DayOfWeek.values())), pick(List.of(DayOfWeek.values())));
          return new Filter.OnWeekdays(days, date(), random.nextInt(4) == 0);
        default:
          return period();
      }
    }

    private Filter compare() {
      ColumnRef number = reached(c -> c.holds() == Column.Holds.NUMBER);
      if (model.column(number).holds() != Column.Holds.NUMBER) {
        return period();
      }
      Filter.Comparison comparison = pick(List.of(Filter.Comparison.values()));
      BigDecimal low = BigDecimal.valueOf(random.nextInt(40_000), random.nextInt(3));
      boolean between = comparison == Filter.Comparison.BETWEEN;
      return new Filter.Compare(
          number,
          comparison,
          low,
          between
              ? Optional.of(low.add(BigDecimal.valueOf(random.nextInt(50))))
              : Optional.empty());
    }

    private Filter period() {
      return new Filter.InPeriod(somePeriod(), date(), random.nextInt(5) == 0);
    }

    private Period somePeriod() {
      LocalDate day = periods.today().minusDays(random.nextInt(1500));
      Period.Unit unit = pick(List.of(Period.Unit.values()));
      switch (random.nextInt(6)) {
        case 0:
          return new Period.Span(unit, periods.start(unit, day));
        case 1:
          Period.Unit counted = unit == Period.Unit.HALF ? Period.Unit.MONTH : unit;
          return random.nextBoolean()
              ? Period.Relative.current(counted)
              : Period.Relative.last(1 + random.nextInt(12), counted);
        case 2:
          return new Period.ToDate(
              unit == Period.Unit.HALF || unit == Period.Unit.DAY ? Period.Unit.YEAR : unit);
        case 3:
          int form = random.nextInt(3);
          return new Period.Range(
              form == 1 ? Optional.empty() : Optional.of(day),
              form == 0 ? Optional.empty() : Optional.of(day.plusDays(1 + random.nextInt(300))));
        case 4:
          List<String> seasons = model.calendar().seasons().keySet().stream().sorted().toList();
          if (!seasons.isEmpty()) {
            return new Period.InSeason(pick(seasons), day.getYear());
          }
          break;
        default:
          List<Occasion> yearly = model.occasions().stream().filter(Occasion::everyYear).toList();
          if (!yearly.isEmpty()) {
            return new Period.During(pick(yearly).name(), day.getYear());
          }
          break;
      }
      return new Period.Span(Period.Unit.MONTH, day.withDayOfMonth(1));
    }

    private List<ColumnRef> columns(Table table, java.util.function.Predicate<Column> kind) {
      return table.columns().stream()
          .filter(kind)
          .map(c -> ColumnRef.of(table.name(), c.name()))
          .toList();
    }

    private <T> T pick(List<T> from) {
      return from.get(random.nextInt(from.size()));
    }
  }
}
