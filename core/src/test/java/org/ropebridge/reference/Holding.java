package org.ropebridge.reference;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** Says whether a filter holds for a row. */
final class Holding {
  private final Model model;
  private final MemoryWarehouse warehouse;
  private final Reach reach;
  private final PeriodResolver periods;
  private final Reference reference;

  Holding(
      Model model,
      MemoryWarehouse warehouse,
      Reach reach,
      PeriodResolver periods,
      Reference reference) {
    this.model = model;
    this.warehouse = warehouse;
    this.reach = reach;
    this.periods = periods;
    this.reference = reference;
  }

  boolean all(List<Filter> filters, Row row, Optional<ColumnRef> ownDate, Moment moment) {
    return filters.stream().allMatch(f -> holds(f, row, ownDate, moment));
  }

  boolean holds(Filter filter, Row row, Optional<ColumnRef> ownDate, Moment moment) {
    if (filter instanceof Filter.InValues in) {
      Object value = reach.value(row, in.column());
      return in.values().stream().anyMatch(v -> Values.same(value, v)) != in.negated();
    } else if (filter instanceof Filter.Compare compare) {
      return compares(
          reach.value(row, compare.column()),
          new Bound(compare.comparison(), compare.low(), compare.high()));
    } else if (filter instanceof Filter.IsTrue yes) {
      return Boolean.TRUE.equals(reach.value(row, yes.column())) != yes.negated();
    } else if (filter instanceof Filter.Meets meets) {
      return reach
              .row(row, meets.table(), Optional.empty())
              .map(r -> reach.meets(r, meets.condition()))
              .orElse(false)
          != meets.negated();
    } else if (filter instanceof Filter.Missing missing) {
      return (reach.value(row, missing.column()) == null) != missing.negated();
    } else if (filter instanceof Filter.HasText has) {
      return hasText(reach.value(row, has.column()), has) != has.negated();
    } else if (filter instanceof Filter.InPeriod in && in.date().or(() -> ownDate).isEmpty()) {
      return true;
    } else if (filter instanceof Filter.InPeriod in) {
      Object date = reach.value(row, in.date().or(() -> ownDate).orElseThrow());
      return moment.within(date, in, periods) != in.negated();
    } else if (filter instanceof Filter.Recurring on) {
      Object date = reach.value(row, on.date().or(() -> ownDate).orElseThrow());
      boolean among = date != null && on.numbers().contains(number(on.part(), date));
      return among != on.negated();
    } else if (filter instanceof Filter.Having having) {
      return having(having, row, moment) != having.negated();
    }
    Filter.Among among = (Filter.Among) filter;
    return among(among, row) != among.negated();
  }

  static boolean compares(Object value, Bound bound) {
    if (value == null) {
      return false;
    }
    int side = ((BigDecimal) value).compareTo(bound.low());
    return switch (bound.comparison()) {
      case MORE_THAN -> side > 0;
      case AT_LEAST -> side >= 0;
      case LESS_THAN -> side < 0;
      case AT_MOST -> side <= 0;
      case EQUAL_TO -> side == 0;
      case BETWEEN -> side >= 0 && ((BigDecimal) value).compareTo(bound.high().orElseThrow()) <= 0;
    };
  }

  private static boolean hasText(Object value, Filter.HasText has) {
    if (value == null) {
      return false;
    }
    String text = Placing.lower(value);
    String wanted = Placing.lower(has.text());
    return switch (has.where()) {
      case ANYWHERE -> text.contains(wanted);
      case AT_START -> text.startsWith(wanted);
      case AT_END -> text.endsWith(wanted);
    };
  }

  private static int number(TimeUnit part, Object date) {
    return switch (part) {
      case DAY_OF_WEEK -> Moment.day(date).getDayOfWeek().getValue();
      case MONTH_OF_YEAR -> Moment.day(date).getMonthValue();
      default -> ((LocalDateTime) date).getHour();
    };
  }

  private boolean having(Filter.Having having, Row row, Moment moment) {
    Optional<Row> anchor = reach.row(row, having.anchor(), Optional.empty());
    Optional<ColumnRef> date = MeasureTables.date(having.table(), Optional.empty(), model);
    if (anchor.isEmpty()) {
      return false;
    }
    long pointing =
        warehouse.rows(having.table()).stream()
            .filter(r -> reach.row(r, having.anchor(), having.role()).equals(anchor))
            .filter(r -> all(having.filters(), r, date, moment))
            .count();
    return having.count().map(c -> compares(BigDecimal.valueOf(pointing), c)).orElse(pointing > 0);
  }

  private boolean among(Filter.Among among, Row row) {
    ColumnRef column = among.column();
    String wanted =
        model.namesItsTable(column) ? model.table(column.table()).key() : column.column();
    Object own = reach.value(row, new ColumnRef(column.table(), wanted, column.role()));
    Plan plan = among.plan();
    List<Object> found =
        plan.listing().isPresent()
            ? reference.listed(plan).stream().map(r -> r.get(model.table(r.table()).key())).toList()
            : reference.kept(plan).stream().map(g -> g.cells().get(0).identity()).toList();
    return found.stream().anyMatch(f -> Values.same(own, f));
  }
}
