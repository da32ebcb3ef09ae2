package org.ropebridge.sql;

import static org.jooq.impl.DSL.condition;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.keyword;
import static org.jooq.impl.DSL.table;

import java.time.DayOfWeek;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.jooq.impl.SQLDataType;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.plan.Back;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.TimeUnit;

/** PostgreSQL 12 and later. */
final class PostgresDialect implements Dialect {
  @Override
  public SQLDialect jooq() {
    return SQLDialect.POSTGRES;
  }

  @Override
  public Field<?> bucket(TimeUnit unit, Field<?> date, BusinessCalendar calendar) {
    return switch (unit) {
      case YEAR -> truncated("year", date);
      case QUARTER -> truncated("quarter", date);
      case MONTH -> truncated("month", date);
      case WEEK -> week(date, calendar.weekStarts());
      case DAY -> field("cast({0} as date)", SQLDataType.LOCALDATE, date);
      case BUSINESS_YEAR -> businessYear(date, calendar.yearStarts().getValue() - 1);
      case MONTH_OF_YEAR -> part("month", date);
      case DAY_OF_WEEK -> part("isodow", date);
      case HOUR_OF_DAY -> part("hour", date);
    };
  }

  private static Field<?> truncated(String unit, Field<?> date) {
    return field("cast(date_trunc({0}, {1}) as date)", SQLDataType.LOCALDATE, inline(unit), date);
  }

  private static Field<?> week(Field<?> date, DayOfWeek first) {
    int shift = (8 - first.getValue()) % 7;
    return shift == 0
        ? truncated("week", date)
        : field(
            "(cast(date_trunc('week', cast({0} as date) + {1}) as date) - {1})",
            SQLDataType.LOCALDATE, date, inline(shift));
  }

  private static Field<?> businessYear(Field<?> date, int months) {
    return months == 0
        ? truncated("year", date)
        : field(
            "cast(date_trunc('year', {0} - make_interval(months => {1})) + make_interval(months => {1}) as date)",
            SQLDataType.LOCALDATE, date, inline(months));
  }

  private static Field<?> part(String part, Field<?> date) {
    return field(
        "cast(extract({0} from {1}) as integer)", SQLDataType.INTEGER, keyword(part), date);
  }

  @Override
  public Table<?> series(TimeUnit unit, Field<?> first, Field<?> last, String column) {
    String step =
        switch (unit) {
          case YEAR, BUSINESS_YEAR -> "1 year";
          case QUARTER -> "3 months";
          case MONTH -> "1 month";
          case WEEK -> "7 days";
          default -> "1 day";
        };
    return table(
        "(select cast(step as date) as {0} from generate_series({1}, {2}, cast({3} as interval)) as step)",
        Names.of(column), asTimestamp(first), asTimestamp(last), inline(step));
  }

  private static Field<?> asTimestamp(Field<?> date) {
    return field("cast({0} as timestamp)", SQLDataType.LOCALDATETIME, date);
  }

  @Override
  public Field<?> later(Field<?> date, Back back) {
    String step =
        switch (back.step()) {
          case YEARS -> "years";
          case MONTHS -> "months";
          case WEEKS -> "weeks";
          default -> "days";
        };
    return field(
        "({0} + make_interval({1} => {2}))",
        SQLDataType.LOCALDATETIME, date, keyword(step), inline(back.steps()));
  }

  @Override
  public Field<?> between(Field<?> from, Field<?> to, boolean inHours) {
    return inHours
        ? field("(extract(epoch from ({0} - {1})) / 3600)", SQLDataType.NUMERIC, to, from)
        : field("(cast({0} as date) - cast({1} as date))", SQLDataType.NUMERIC, to, from);
  }

  @Override
  public Condition matches(Field<?> column, Field<String> pattern) {
    return condition("cast({0} as text) ilike {1}", column, pattern);
  }

  @Override
  public String pattern(Filter.Where where, String text) {
    String escaped = text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    return switch (where) {
      case ANYWHERE -> "%" + escaped + "%";
      case AT_START -> escaped + "%";
      case AT_END -> "%" + escaped;
    };
  }
}
