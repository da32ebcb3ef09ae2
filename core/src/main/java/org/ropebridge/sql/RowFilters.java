package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Select;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** Turns a plan's filters into conditions on the rows of a scan; what people asked for is bound. */
final class RowFilters {
  private static final BigDecimal LARGE = BigDecimal.valueOf(1_000_000_000);
  private final Ground ground;
  private final Ctes ctes;

  RowFilters(Ground ground, Ctes ctes) {
    this.ground = ground;
    this.ctes = ctes;
  }

  /** Whether some filter is by what another plan finds. */
  static boolean needExpressions(List<Filter> filters) {
    return filters.stream()
        .anyMatch(
            f ->
                f instanceof Filter.Among
                    || f instanceof Filter.Having h && needExpressions(h.filters()));
  }

  /**
   * The condition of a filter.
   *
   * @param ownDate the date that periods mean when the filter names none
   * @param shift the time at which the rows are looked at
   */
  Condition of(Filter filter, Scan scan, Optional<ColumnRef> ownDate, Shift shift) {
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
      return compare(
          scan.column(compare.column()),
          new Bound(compare.comparison(), compare.low(), compare.high()));
    } else if (filter instanceof Filter.IsTrue yes) {
      Field<?> column = scan.column(yes.column());
      return yes.negated()
          ? DSL.condition("{0} is not true", column)
          : DSL.condition("{0} is true", column);
    } else if (filter instanceof Filter.Meets meets) {
      Condition met = meets(meets.table(), meets.condition(), scan, ground);
      return meets.negated() ? DSL.condition("({0}) is not true", met) : met;
    } else if (filter instanceof Filter.Missing missing) {
      Field<?> column = scan.missingWith(missing.column());
      return missing.negated() ? column.isNotNull() : column.isNull();
    } else if (filter instanceof Filter.HasText has) {
      Condition found =
          ground
              .dialect()
              .matches(
                  scan.column(has.column()),
                  DSL.val(ground.dialect().pattern(has.where(), has.text())));
      return has.negated() ? DSL.condition("({0}) is not true", found) : found;
    } else if (filter instanceof Filter.Having having) {
      return having(having, scan, shift);
    } else if (filter instanceof Filter.Among among) {
      return among(among, scan);
    } else if (filter instanceof Filter.InPeriod in && in.date().or(() -> ownDate).isEmpty()) {
      // Rows without a date that stand for any time.
      return DSL.noCondition();
    } else if (filter instanceof Filter.InPeriod in) {
      ColumnRef date = in.date().or(() -> ownDate).orElseThrow();
      Condition within = within(date, scan, shift.days(in, ground.periods()));
      return in.negated() ? DSL.condition("({0}) is not true", within) : within;
    } else {
      Filter.Recurring on = (Filter.Recurring) filter;
      Field<?> date = scan.column(on.date().or(() -> ownDate).orElseThrow());
      List<Field<?>> numbers = new ArrayList<>();
      on.numbers().forEach(n -> numbers.add(inline(n)));
      Condition among =
          DSL.condition(
              "{0} in ({1})",
              ground.dialect().bucket(on.part(), date, ground.model().calendar()),
              DSL.list(numbers));
      return on.negated() ? DSL.condition("({0}) is not true", among) : among;
    }
  }

  static Condition meets(String table, String condition, Scan scan, Ground ground) {
    Expression sql =
        ExpressionParser.parse(
            ground.model().table(table).findCondition(condition).orElseThrow().sql());
    return scan.condition(table, sql);
  }

  /** Some row of another table, or so many, point at the row and meet the filters. */
  private Condition having(Filter.Having having, Scan scan, Shift shift) {
    Scan inner = scan.beside(having.table());
    ColumnRef key = ColumnRef.of(having.anchor(), ground.model().table(having.anchor()).key());
    Field<?> pointer = inner.pointer(new ColumnRef(key.table(), key.column(), having.role()));
    Optional<ColumnRef> date = MeasureTables.date(having.table(), Optional.empty(), ground.model());
    List<Condition> met = new ArrayList<>();
    having.filters().forEach(f -> met.add(of(f, inner, date, shift)));
    if (having.count().isPresent()) {
      Condition counted =
          counted(inner.from(), DSL.and(met), pointer, scan.column(key), having.count().get());
      return having.negated() ? DSL.condition("({0}) is not true", counted) : counted;
    }
    met.add(0, DSL.condition("{0} = {1}", pointer, scan.column(key)));
    Condition exists = DSL.exists(DSL.selectOne().from(inner.from()).where(met));
    return having.negated() ? exists.not() : exists;
  }

  /**
   * The key is one at which so many rows point. Where none at all will do, it is none at which too
   * many or too few do. All keys are counted at once: one after the other would take a pass over
   * the rows each.
   */
  private static Condition counted(
      Table<?> rows, Condition met, Field<?> pointer, Field<?> key, Bound count) {
    boolean orNone = count.holds(BigDecimal.ZERO);
    Condition asked = compare(DSL.count(), count);
    Select<?> keys =
        DSL.select(pointer)
            .from(rows)
            .where(orNone ? met.and(pointer.isNotNull()) : met)
            .groupBy(pointer)
            .having(orNone ? asked.not() : asked);
    return orNone
        ? key.isNotNull().and(DSL.condition("{0} not in ({1})", key, keys))
        : DSL.condition("{0} in ({1})", key, keys);
  }

  /** The row belongs to one that another plan finds. */
  private Condition among(Filter.Among among, Scan scan) {
    boolean names = ground.model().isKnownBy(among.column());
    ColumnRef column = among.column();
    Field<?> own =
        names
            ? scan.pointer(
                new ColumnRef(
                    column.table(), ground.model().table(column.table()).key(), column.role()))
            : scan.column(column);
    Plan plan = among.plan();
    String wanted = "chosen " + ground.model().table(column.table()).rowNounPlural();
    String[] source = ctes.once(among.plan(), () -> found(plan, wanted));
    Select<?> found = DSL.select(DSL.field(Names.of(source[1]))).from(Names.of(source[0]));
    Condition in = DSL.condition("{0} in ({1})", own, found);
    return among.negated() ? DSL.condition("({0}) is not true", in) : in;
  }

  /** Adds what a plan finds; gives the name of the expression, and of its column. */
  private String[] found(Plan plan, String wanted) {
    if (plan.listing().isPresent()) {
      return new String[] {ctes.add(wanted, new ListingSql(plan, ground, ctes).keys()), "key"};
    }
    PlanSql inner = new PlanSql(plan, ground, ctes, Shift.NONE);
    String name = ctes.add(wanted, inner.identified());
    return new String[] {name, inner.identityName(plan.groupings().get(0))};
  }

  /** The number as it is bound: whole ones as such, so that they compare as quickly as columns. */
  private static Field<?> number(BigDecimal number) {
    boolean small = number.stripTrailingZeros().scale() <= 0 && number.abs().compareTo(LARGE) < 0;
    return small ? DSL.val(number.intValueExact()) : DSL.val(number);
  }

  static Condition compare(Field<?> column, Bound bound) {
    Field<?> low = number(bound.low());
    return switch (bound.comparison()) {
      case MORE_THAN -> DSL.condition("{0} > {1}", column, low);
      case AT_LEAST -> DSL.condition("{0} >= {1}", column, low);
      case LESS_THAN -> DSL.condition("{0} < {1}", column, low);
      case AT_MOST -> DSL.condition("{0} <= {1}", column, low);
      case EQUAL_TO -> DSL.condition("{0} = {1}", column, low);
      case BETWEEN ->
          DSL.condition("{0} between {1} and {2}", column, low, number(bound.high().orElseThrow()));
    };
  }

  private Condition within(ColumnRef date, Scan scan, DayRange days) {
    Field<?> kept = scan.kept(date);
    Optional<Moments> moments = scan.moments(date);
    Condition within = DSL.noCondition();
    if (days.first().isPresent()) {
      within = within.and(DSL.condition("{0} >= {1}", kept, start(days.first().get(), moments)));
    }
    if (days.end().isPresent()) {
      within = within.and(DSL.condition("{0} < {1}", kept, start(days.end().get(), moments)));
    }
    return within;
  }

  private static Field<?> start(LocalDate day, Optional<Moments> moments) {
    return moments.<Field<?>>map(m -> m.startOf(day)).orElseGet(() -> DSL.val(day));
  }
}
