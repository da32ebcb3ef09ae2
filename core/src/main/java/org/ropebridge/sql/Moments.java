package org.ropebridge.sql;

import java.time.LocalDate;
import java.util.Optional;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.Column;

/**
 * Times that the warehouse keeps in another time zone than people read them in.
 *
 * @param kept the zone of the warehouse, or {@link Column#STATED}
 * @param shown the zone in which people count days
 */
record Moments(String kept, String shown) {
  /** How the column's times are kept; empty when they are kept as people read them. */
  static Optional<Moments> of(Column column, BusinessCalendar calendar) {
    return column
        .timeZone()
        .flatMap(kept -> calendar.timeZone().map(shown -> new Moments(kept, shown)))
        .filter(m -> !m.kept().equals(m.shown()));
  }

  /** The time on people's clocks at a moment of the warehouse. */
  Field<?> shown(Field<?> moment) {
    return inZone(isStated() ? moment : inZone(moment, kept), shown);
  }

  /** The moment of the warehouse at which a day begins for people. */
  Field<?> startOf(LocalDate day) {
    Field<?> midnight = DSL.val(day).cast(SQLDataType.LOCALDATETIME);
    Field<?> moment = inZone(midnight, shown);
    return isStated() ? moment : inZone(moment, kept);
  }

  private boolean isStated() {
    return kept.equals(Column.STATED);
  }

  private static Field<?> inZone(Field<?> time, String zone) {
    return DSL.field("({0} at time zone {1})", Object.class, time, DSL.inline(zone));
  }
}
