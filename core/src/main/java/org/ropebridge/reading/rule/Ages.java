package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/** How old rows are: years from the one date at which they began to be. */
final class Ages {
  private static final BigDecimal OLDEST = BigDecimal.valueOf(120);

  private Ages() {}

  /** The age of a table's rows; empty where no date, or more than one, tells it. */
  static Optional<ColumnRef> of(String table, Scope scope) {
    List<ColumnRef> births =
        scope.beginnings().stream().filter(c -> c.table().equals(table)).toList();
    return births.size() == 1
        ? Optional.of(ColumnRef.of(table, births.get(0).column() + Column.AGE))
        : Optional.empty();
  }

  /** Whether somebody may be so many years old. */
  static boolean mayBe(BigDecimal years) {
    return years.signum() >= 0 && years.compareTo(OLDEST) <= 0;
  }

  static boolean isAge(ColumnRef column) {
    return column.column().endsWith(Column.AGE);
  }
}
