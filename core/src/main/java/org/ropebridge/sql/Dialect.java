package org.ropebridge.sql;

import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.plan.Back;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.TimeUnit;

/** What differs between databases and is not left to jOOQ: arithmetic on dates. */
interface Dialect {
  SQLDialect jooq();

  /** The first day of the unit that holds the date; of a unit that comes back, its number. */
  Field<?> bucket(TimeUnit unit, Field<?> date, BusinessCalendar calendar);

  /** A one-column table of the first days of all units from one first day to another. */
  Table<?> series(TimeUnit unit, Field<?> first, Field<?> last, String column);

  /** The date, so much later; of the kind that arithmetic on dates gives. */
  Field<?> later(Field<?> date, Back back);

  /** The days, or with hours the hours, from one date to another. */
  Field<?> between(Field<?> from, Field<?> to, boolean inHours);

  /** Whether the text matches a pattern of {@link #pattern}, whatever the case of its letters. */
  Condition matches(Field<?> column, Field<String> pattern);

  /** What finds the words in a text, where they are looked for. */
  String pattern(Filter.Where where, String text);
}
