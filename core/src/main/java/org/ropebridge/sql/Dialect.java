package org.ropebridge.sql;

import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.plan.TimeUnit;

/** What differs between databases and is not left to jOOQ: arithmetic on dates. */
interface Dialect {
  SQLDialect jooq();

  /** The first day of the unit that holds the date; of a unit that comes back, its number. */
  Field<?> bucket(TimeUnit unit, Field<?> date, BusinessCalendar calendar);

  /** A one-column table of the first days of all units from one first day to another. */
  Table<?> series(TimeUnit unit, Field<?> first, Field<?> last, String column);
}
