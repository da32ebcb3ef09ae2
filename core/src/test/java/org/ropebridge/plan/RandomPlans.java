package org.ropebridge.plan;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
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
    private final int depth;
    private final Set<String> bases = new LinkedHashSet<>();

    Attempt(Random random) {
      this(random, 0);
    }

    private Attempt(Random random, int depth) {
      this.random = random;
      this.depth = depth;
    }

    Plan plan() {
      if (depth == 0 && random.nextInt(8) == 0) {
        return listing();
      }
      Set<Measure> measures = new LinkedHashSet<>();
      int count = 1 + (random.nextInt(3) == 0 ? 1 + random.nextInt(2) : 0);
      for (int i = 0; i < count; i++) {
        measures.add(anyMeasure());
      }
      measures.forEach(m -> bases.addAll(MeasureTables.of(m, model)));
      Set<Grouping> groupings = new LinkedHashSet<>();
      for (int i = random.nextInt(3); i > 0; i--) {
        groupings.add(grouping());
      }
      boolean alongTime = random.nextInt(5) == 0;
      if (alongTime) {
        groupings.removeIf(Grouping.ByTime.class::isInstance);
        groupings.add(
            new Grouping.ByTime(
                pick(List.of(TimeUnit.YEAR, TimeUnit.QUARTER, TimeUnit.MONTH, TimeUnit.WEEK)),
                date()));
      }
      List<Grouping> groupingList = List.copyOf(groupings);
      List<Measure> measureList = new ArrayList<>();
      for (Measure measure : measures) {
        measureList.add(figure(measure, groupingList, alongTime));
      }
      List<Filter> filters = filters();
      Plan plan =
          new Plan(
              measureList.stream().distinct().toList(),
              groupingList,
              filters,
              Optional.empty(),
              Optional.empty(),
              random.nextInt(4) == 0
                  ? Optional.of(pick(List.of(Plan.Picture.values())))
                  : Optional.empty());
      if (groupings.isEmpty()) {
        boolean claim = plan.measures().size() == 1 && random.nextInt(8) == 0;
        return claim ? plan.withClaim(bound()) : plan;
      }
      if (random.nextInt(5) == 0) {
        plan = plan.withKeeps(List.of(keep(plan)));
      }
      if (random.nextInt(3) == 0) {
        boolean within = groupings.size() > 1 && random.nextBoolean();
        return plan.withRanking(
            Optional.of(
                new Plan.Ranking(
                    random.nextBoolean(),
                    1 + random.nextInt(12),
                    pick(plan.measures()),
                    within ? Optional.of(pick(groupingList)) : Optional.empty())));
      } else if (random.nextInt(3) == 0) {
        Plan.SortKey key = random.nextBoolean() ? pick(plan.measures()) : pick(groupingList);
        return plan.withSort(Optional.of(new Plan.Sort(key, random.nextBoolean())));
      }
      return plan;
    }

    private Plan.Keep keep(Plan plan) {
      Measure measure = random.nextBoolean() ? pick(plan.measures()) : measure();
      if (plan.groupings().size() == 1
          && plan.groupings().get(0) instanceof Grouping.ByColumn by
          && !values.of(by.column()).isEmpty()
          && random.nextInt(3) == 0) {
        String value = pick(values.of(by.column()));
        return new Plan.Keep(
            measure,
            random.nextInt(3) == 0
                ? new Plan.LikeGroup(by.column(), value)
                : new Plan.BesideGroup(random.nextBoolean(), by.column(), value));
      }
      return new Plan.Keep(
          measure,
          switch (random.nextInt(6)) {
            case 0, 1 -> new Plan.BesideAverage(random.nextBoolean());
            case 2 ->
                new Plan.AmongFirst(
                    random.nextBoolean(), BigDecimal.valueOf(1 + random.nextInt(999), 1));
            default -> new Plan.Against(bound());
          });
    }

    private Bound bound() {
      Filter.Comparison comparison = pick(List.of(Filter.Comparison.values()));
      BigDecimal low = BigDecimal.valueOf(random.nextInt(4_000), random.nextInt(3));
      return new Bound(
          comparison,
          low,
          comparison == Filter.Comparison.BETWEEN
              ? Optional.of(low.add(BigDecimal.valueOf(random.nextInt(50))))
              : Optional.empty());
    }

    private Plan listing() {
      Table table = pick(model.tables());
      bases.add(table.name());
      Set<ColumnRef> columns = new LinkedHashSet<>();
      for (int i = 1 + random.nextInt(3); i > 0; i--) {
        columns.add(reached(c -> true));
      }
      Optional<Listing.Order> order =
          random.nextBoolean()
              ? Optional.of(new Listing.Order(reached(c -> true), random.nextBoolean()))
              : Optional.empty();
      Optional<Integer> count =
          order.isPresent() && random.nextBoolean()
              ? Optional.of(1 + random.nextInt(12))
              : Optional.empty();
      Optional<ColumnRef> per =
          count.isPresent() && random.nextBoolean()
              ? Optional.of(reached(c -> c.holds() == Column.Holds.CATEGORY))
              : Optional.empty();
      return Plan.of(new Listing(table.name(), List.copyOf(columns), order, count, per), filters());
    }

    private List<Filter> filters() {
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
      return filters;
    }

    /** A measure that is computed within its group. */
    private Measure.Plain anyMeasure() {
      Measure.Basic basic = measure();
      Set<String> before = new LinkedHashSet<>(bases);
      bases.clear();
      bases.addAll(MeasureTables.of(basic, model));
      try {
        switch (random.nextInt(14)) {
          case 0:
            return new Measure.Narrowed(basic, List.of(filter()));
          case 1:
            return new Measure.Portion(basic, List.of(filter()));
          case 2:
            return new Measure.Arithmetic(
                pick(List.of(Measure.Operator.values())), basic, measure());
          case 3:
            return new Measure.Arithmetic(
                Measure.Operator.DIVIDED_BY, basic, measure(), BigDecimal.valueOf(1000));
          case 4:
            Measure.Kind kind = pick(List.of(Measure.Kind.values()));
            return new Measure.OverParts(
                kind == Measure.Kind.PERCENTILE ? Measure.Kind.AVERAGE : kind, basic, grouping());
          case 5:
            return new Measure.Correlation(basic, measure(), grouping());
          default:
            return basic;
        }
      } finally {
        bases.clear();
        bases.addAll(before);
      }
    }

    /** A figure over the measure, now and then. */
    private Measure figure(Measure measure, List<Grouping> groupings, boolean often) {
      if (!(measure instanceof Measure.Plain of) || random.nextInt(3) > (often ? 1 : 0)) {
        return measure;
      }
      switch (random.nextInt(6)) {
        case 0:
          return new Measure.Share(
              of,
              groupings.size() > 1 && random.nextBoolean()
                  ? Optional.of(pick(groupings))
                  : Optional.empty());
        case 1:
          Measure.Earlier earlier =
              switch (random.nextInt(3)) {
                case 0 -> new Measure.SpanBefore();
                case 1 ->
                    new Measure.Other(
                        new Period.Span(
                            Period.Unit.MONTH,
                            periods.today().withDayOfMonth(1).minusMonths(random.nextInt(30))));
                default -> new Measure.UnitBefore(pick(List.of(Period.Unit.values())));
              };
          return new Measure.Compared(pick(List.of(Measure.Move.values())), of, earlier);
        case 2:
          return new Measure.Cumulative(of);
        case 3:
          return new Measure.MovingAverage(of, 2 + random.nextInt(11));
        case 4:
          return new Measure.Rank(of);
        default:
          return new Measure.Distance(of, pick(List.of(Measure.Level.values())));
      }
    }

    private static boolean sameColumn(Filter a, Filter b) {
      return a instanceof Filter.InValues x
          && b instanceof Filter.InValues y
          && x.column().withoutRole().equals(y.column().withoutRole());
    }

    private Measure.Basic measure() {
      Table table = pick(model.tables());
      switch (random.nextInt(7)) {
        case 4:
          return duration(table);
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

    private Measure.Basic distinctRows(Table table) {
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

    private Measure.Basic statistic(Table table) {
      List<ColumnRef> numbers = columns(table, c -> c.holds() == Column.Holds.NUMBER);
      if (numbers.isEmpty()) {
        return new Measure.RowCount(table.name());
      }
      Measure.Kind kind = pick(List.of(Measure.Kind.values()));
      int percentile = kind == Measure.Kind.PERCENTILE ? 1 + random.nextInt(99) : 0;
      return new Measure.Statistic(kind, pick(numbers), percentile);
    }

    private Measure.Basic duration(Table table) {
      List<ColumnRef> dates = columns(table, c -> c.holds().isTemporal());
      return dates.size() < 2
          ? new Measure.RowCount(table.name())
          : new Measure.Duration(
              pick(
                  List.of(
                      Measure.Kind.SUM,
                      Measure.Kind.AVERAGE,
                      Measure.Kind.MEDIAN,
                      Measure.Kind.MINIMUM,
                      Measure.Kind.MAXIMUM)),
              dates.get(0),
              dates.get(1));
    }

    private Grouping grouping() {
      switch (random.nextInt(12)) {
        case 0:
          return new Grouping.BySteps(
              reached(c -> c.holds() == Column.Holds.NUMBER),
              BigDecimal.valueOf(1 + random.nextInt(500), random.nextInt(2)));
        case 1:
          long edge = random.nextInt(100);
          return new Grouping.ByBands(
              reached(c -> c.holds() == Column.Holds.NUMBER),
              List.of(BigDecimal.valueOf(edge), BigDecimal.valueOf(edge + 1 + random.nextInt(50))));
        case 2:
          return new Grouping.ByWords(
              reached(c -> c.holds() == Column.Holds.TEXT), List.of("rope", "loose rock"));
        case 3:
          List<Table> conditional =
              model.tables().stream().filter(t -> !t.conditions().isEmpty()).toList();
          Table table = pick(conditional);
          return new Grouping.ByCondition(table.name(), pick(table.conditions()).name());
        default:
          break;
      }
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
      // Nothing fits, and the plan will be refused.
      List<ColumnRef> others = columns(model.table(base), c -> !c.holds().isTemporal());
      return others.isEmpty() ? columns(model.table(base), c -> true).get(0) : others.get(0);
    }

    private Filter filter() {
      switch (random.nextInt(depth == 0 ? 10 : 8)) {
        case 6:
          return new Filter.Missing(reached(c -> true), random.nextBoolean());
        case 7:
          return new Filter.HasText(
              reached(c -> c.holds() == Column.Holds.TEXT || c.holds() == Column.Holds.CATEGORY),
              pick(List.of(Filter.Where.values())),
              pick(List.of("rope", "G", "50%", "it's")),
              random.nextBoolean());
        case 8:
          return having();
        case 9:
          return among();
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
          return recurring();
        default:
          return period();
      }
    }

    private Filter recurring() {
      TimeUnit part =
          pick(List.of(TimeUnit.DAY_OF_WEEK, TimeUnit.MONTH_OF_YEAR, TimeUnit.HOUR_OF_DAY));
      Set<Integer> numbers = new TreeSet<>();
      if (part == TimeUnit.HOUR_OF_DAY) {
        int from = random.nextInt(24);
        int hours = 1 + random.nextInt(23);
        for (int i = 0; i < hours; i++) {
          numbers.add((from + i) % 24);
        }
      } else {
        int most = part == TimeUnit.DAY_OF_WEEK ? 7 : 12;
        numbers.add(1 + random.nextInt(most));
        numbers.add(1 + random.nextInt(most));
      }
      return new Filter.Recurring(part, numbers, date(), random.nextInt(4) == 0);
    }

    private Filter having() {
      Table table = pick(model.tables());
      if (table.links().isEmpty()) {
        return period();
      }
      Link link = pick(table.links());
      boolean self = link.to().equals(table.name());
      boolean onlyWay = paths.shortest(table.name(), link.to(), Optional.empty()).size() == 1;
      Attempt inner = new Attempt(random, depth + 1);
      inner.bases.add(table.name());
      return new Filter.Having(
          link.to(),
          table.name(),
          onlyWay && !self ? Optional.empty() : Optional.of(table.name() + "." + link.name()),
          inner.filters(),
          random.nextInt(3) == 0 ? Optional.of(few()) : Optional.empty(),
          random.nextBoolean());
    }

    private Bound few() {
      Filter.Comparison comparison = pick(List.of(Filter.Comparison.values()));
      int low = random.nextInt(4);
      return new Bound(
          comparison,
          BigDecimal.valueOf(low),
          comparison == Filter.Comparison.BETWEEN
              ? Optional.of(BigDecimal.valueOf(low + 1 + random.nextInt(5)))
              : Optional.empty());
    }

    private Filter among() {
      ColumnRef column = reached(c -> c.holds() == Column.Holds.CATEGORY);
      Attempt inner = new Attempt(random, depth + 1);
      Measure measure = inner.measure();
      inner.bases.addAll(MeasureTables.of(measure, model));
      Grouping by = new Grouping.ByColumn(column.withoutRole());
      Plan plan = Plan.of(measure, List.of(by), inner.filters());
      return new Filter.Among(
          column,
          random.nextBoolean()
              ? plan.withRanking(
                  Optional.of(
                      new Plan.Ranking(random.nextBoolean(), 1 + random.nextInt(5), measure)))
              : plan.withKeeps(List.of(new Plan.Keep(measure, new Plan.Against(bound())))),
          random.nextInt(4) == 0);
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
