package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.TimeUnit;

/** Turns a plan's filters into conditions on the rows of a scan; what people asked for is bound. */
final class RowFilters {
  private final Model model;
  private final PeriodResolver periods;
  private final Dialect dialect;

  RowFilters(Model model, PeriodResolver periods, Dialect dialect) {
    this.model = model;
    this.periods = periods;
    this.dialect = dialect;
  }

  /**
   * The condition of a filter.
   *
   * @param ownDate the date that periods mean when the filter names none
   */
  Condition of(Filter filter, Scan scan, Optional<ColumnRef> ownDate) {
    if (filter instanceof Filter.InValues in) {
      Field<?> column = scan.column(in.column());
      List<Field<?>> values = new ArrayList<>();
      in.values().forEach(v -> values.add(DSL.val(v)));
      if (!in.negated()) {
        return values.size() == 1
            ? DSL.condition("{0} = {1}", column, values.get(0))
            : DSL.condition("{0} in ({1})", column, DSL.list(values));
      }
      return DSL.condition("{0} not in ({1})", column, DSL.list(values)).or(column.isNull());
    } else if (filter instanceof Filter.Compare compare) {
      return compare(scan.column(compare.column()), compare);
    } else if (filter instanceof Filter.IsTrue yes) {
      Field<?> column = scan.column(yes.column());
      return yes.negated()
          ? DSL.condition("{0} is not true", column)
          : DSL.condition("{0} is true", column);
    } else if (filter instanceof Filter.Meets meets) {
      Expression sql =
          ExpressionParser.parse(
              model.table(meets.table()).findCondition(meets.condition()).orElseThrow().sql());
      Condition met = scan.condition(meets.table(), sql);
      return meets.negated() ? DSL.condition("({0}) is not true", met) : met;
    } else if (filter instanceof Filter.InPeriod in) {
      Field<?> date = scan.column(in.date().or(() -> ownDate).orElseThrow());
      Condition within = within(date, periods.resolve(in.period()));
      return in.negated() ? DSL.condition("({0}) is not true", within) : within;
    } else {
      Filter.OnWeekdays on = (Filter.OnWeekdays) filter;
      Field<?> date = scan.column(on.date().or(() -> ownDate).orElseThrow());
      List<Field<?>> days = new ArrayList<>();
      on.days().forEach(d -> days.add(inline(d.getValue())));
      Condition among =
          DSL.condition(
              "{0} in ({1})",
              dialect.bucket(TimeUnit.DAY_OF_WEEK, date, model.calendar()), DSL.list(days));
      return on.negated() ? DSL.condition("({0}) is not true", among) : among;
    }
  }

  private Condition compare(Field<?> column, Filter.Compare compare) {
    Field<?> low = DSL.val(compare.low());
    return switch (compare.comparison()) {
      case MORE_THAN -> DSL.condition("{0} > {1}", column, low);
      case AT_LEAST -> DSL.condition("{0} >= {1}", column, low);
      case LESS_THAN -> DSL.condition("{0} < {1}", column, low);
      case AT_MOST -> DSL.condition("{0} <= {1}", column, low);
      case EQUAL_TO -> DSL.condition("{0} = {1}", column, low);
      case BETWEEN ->
          DSL.condition(
              "{0} between {1} and {2}", column, low, DSL.val(compare.high().orElseThrow()));
    };
  }

  private Condition within(Field<?> date, DayRange days) {
    Condition within = DSL.noCondition();
    if (days.first().isPresent()) {
      within = within.and(DSL.condition("{0} >= {1}", date, day(days.first().get())));
    }
    if (days.end().isPresent()) {
      within = within.and(DSL.condition("{0} < {1}", date, day(days.end().get())));
    }
    return within;
  }

  private Field<LocalDate> day(LocalDate day) {
    return DSL.val(day);
  }
}
