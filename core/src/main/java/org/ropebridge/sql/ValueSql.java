package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.selectDistinct;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Query;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.ropebridge.access.Access;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.plan.MeasureTables;

/** Statements that look at the values of a warehouse, as far as a person may see them. */
public final class ValueSql {
  private final Access access;
  private final LinkPaths paths;
  private final LocalDate today;
  private final DSLContext render = Rendering.of(new PostgresDialect());

  /**
   * Statements about what one person may see. Ages count up to the model's today where it is fixed,
   * and else to the clock's.
   */
  public ValueSql(Access access) {
    this.access = access;
    this.today = access.model().calendar().fixedToday().orElseGet(LocalDate::now);
    this.paths = new LinkPaths(access.model());
  }

  /** A statement and its parameters. */
  public record Statement(String source, String text, List<Object> parameters) {
    public Statement {
      parameters = List.copyOf(parameters);
    }
  }

  /** The distinct values of a column as text, in order, at most {@code limit}. */
  public Statement distinct(ColumnRef column, int limit) {
    Scan scan = new Scan(column.table(), access, Guarantees.NONE, paths, today);
    Field<String> value = scan.column(column).cast(SQLDataType.VARCHAR);
    return statement(
        column.table(),
        selectDistinct(value.as("value"))
            .from(scan.from())
            .where(value.isNotNull())
            .orderBy(inline(1))
            .limit(inline(limit)));
  }

  /** The newest main date of a table; empty when it has none. */
  public Optional<Statement> newestDate(String table) {
    return MeasureTables.date(table, Optional.empty(), access.model())
        .map(
            date -> {
              Scan scan = new Scan(table, access, Guarantees.NONE, paths, today);
              Field<?> day = scan.column(date).cast(SQLDataType.LOCALDATE);
              return statement(table, DSL.select(DSL.max(day)).from(scan.from()));
            });
  }

  private Statement statement(String table, Query query) {
    return new Statement(
        access.model().table(table).source(),
        render.render(query),
        render.extractBindValues(query));
  }
}
