package org.ropebridge.sql;

import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.countDistinct;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.table;
import static org.jooq.impl.DSL.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jooq.CommonTableExpression;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Query;
import org.jooq.Record;
import org.jooq.Record3;
import org.jooq.Select;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;

/**
 * Statements that look at tables nobody has described yet. Big tables are looked at by a sample of
 * their pages, the same on every run while the table stays as it is.
 */
public final class SurveySql {
  /**
   * What the warehouse knows of its tables and their columns, as far as the role may read them:
   * schema, table, kind (r, p, v, m or f), estimated rows (negative when unknown), the table's
   * comment, column, type, whether it is never missing, the column's comment.
   */
  public static final String CATALOGUE =
      """
      select n.nspname, c.relname, c.relkind::text, c.reltuples::bigint,
        coalesce(obj_description(c.oid, 'pg_class'), ''),
        a.attname, format_type(a.atttypid, null), a.attnotnull,
        coalesce(col_description(c.oid, a.attnum), '')
      from pg_class c
      join pg_namespace n on n.oid = c.relnamespace
      join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
      where c.relkind in ('r', 'p', 'v', 'm', 'f') and not c.relispartition
        and n.nspname not in ('pg_catalog', 'information_schema') and n.nspname not like 'pg_toast%'
        and has_schema_privilege(n.oid, 'usage') and has_table_privilege(c.oid, 'select')
      order by 1, 2, a.attnum
      """;

  /**
   * Declared keys and pointers: p, u or f, schema, table, columns in order, and of the table that a
   * pointer leads to schema, name and columns.
   */
  public static final String CONSTRAINTS =
      """
      select k.contype::text, n.nspname, c.relname,
        (select string_agg(a.attname, ',' order by u.at) from unnest(k.conkey) with ordinality u(no, at)
          join pg_attribute a on a.attrelid = k.conrelid and a.attnum = u.no),
        n2.nspname, c2.relname,
        (select string_agg(a.attname, ',' order by u.at) from unnest(k.confkey) with ordinality u(no, at)
          join pg_attribute a on a.attrelid = k.confrelid and a.attnum = u.no)
      from pg_constraint k
      join pg_class c on c.oid = k.conrelid
      join pg_namespace n on n.oid = c.relnamespace
      left join pg_class c2 on c2.oid = k.confrelid
      left join pg_namespace n2 on n2.oid = c2.relnamespace
      where k.contype in ('p', 'u', 'f')
      order by 2, 3, 1, 4
      """;

  /** Texts that are whole or decimal numbers. */
  private static final String NUMBER = "^\\s*[-+]?[0-9]+([.,][0-9]+)?\\s*$";

  /** Texts that are dates in one of the usual forms. */
  private static final String DATE =
      "^\\s*([0-9]{4}-[0-9]{1,2}-[0-9]{1,2}|[0-9]{1,2}[./-][0-9]{1,2}[./-][0-9]{2,4})";

  private static final String MAIL_ADDRESS = "^[^@\\s]+@[^@\\s]+\\.[A-Za-z]{2,}$";
  private static final String PHONE_NUMBER = "^\\+?[0-9][0-9 ()/.-]{6,}[0-9]$";
  private static final int BUCKETS = 10;
  private static final String ROWS = "looked_at";
  private static final DSLContext RENDER = Rendering.of(new PostgresDialect());

  private SurveySql() {}

  /** A statement and its parameters. */
  public record Statement(String text, List<Object> parameters) {
    public Statement {
      parameters = List.copyOf(parameters);
    }
  }

  /** What can be computed of a column, by its type. */
  public enum Kind {
    WHOLE_NUMBER,
    NUMBER,
    TEXT,
    YES_NO,
    DATE,
    TIME,
    /** A time that states its own zone. */
    TIME_IN_ZONE,
    /** Values that are only counted: documents, shapes, bytes. */
    OTHER;

    /** The kind of a type of PostgreSQL. */
    public static Kind of(String type) {
      return switch (type) {
        case "smallint", "integer", "bigint" -> WHOLE_NUMBER;
        case "numeric", "real", "double precision" -> NUMBER;
        case "text", "character varying", "character", "\"char\"", "citext", "name", "uuid" -> TEXT;
        case "boolean" -> YES_NO;
        case "date" -> DATE;
        case "timestamp without time zone" -> TIME;
        case "timestamp with time zone" -> TIME_IN_ZONE;
        default -> OTHER;
      };
    }

    public boolean isNumber() {
      return this == WHOLE_NUMBER || this == NUMBER;
    }

    public boolean isTemporal() {
      return this == DATE || this == TIME || this == TIME_IN_ZONE;
    }
  }

  /** A column and what can be computed of it. */
  public record Look(String column, Kind kind) {}

  /**
   * Where to look.
   *
   * @param percent share of the pages to look at; 100 for all rows
   * @param mostRows rows beyond these are not looked at; for what has no pages, such as views
   */
  public record Where(String schema, String table, double percent, int mostRows) {
    Table<Record> whole() {
      return at(schema, table);
    }

    private Select<?> rows(List<String> columns) {
      Table<?> from =
          percent >= 100
              ? whole()
              : DSL.table("{0} tablesample system ({1}) repeatable (1)", whole(), inline(percent));
      var all = select(columns.stream().map(SurveySql::column).toList()).from(from);
      return mostRows == 0 ? all : all.limit(inline(mostRows));
    }
  }

  private static Field<Object> column(String column) {
    return field(DSL.quotedName(column));
  }

  private static Table<Record> at(String schema, String table) {
    return table(DSL.quotedName(schema, table));
  }

  private static Field<String> text(String column) {
    return column(column).cast(SQLDataType.CLOB);
  }

  /** How many rows there are, counted no further than a limit. */
  public static Statement size(String schema, String table, int limit) {
    Table<?> some = select(inline(1)).from(at(schema, table)).limit(inline(limit)).asTable("t");
    return statement(select(count()).from(some));
  }

  /** The cells that {@link #numbers} gives for each column, in order. */
  public static final int CELLS_OF_A_COLUMN = 11;

  /**
   * One row: how many rows were looked at, and for each column how many have a value, distinct
   * values, the lowest and the highest as text, the mean; of texts their mean length, and how many
   * are numbers, dates, mail addresses, phone numbers, blank or have spaces around.
   */
  public static Statement numbers(Where where, List<Look> looks) {
    List<Field<?>> cells = new ArrayList<>();
    cells.add(count());
    looks.forEach(look -> cells.addAll(cells(look)));
    return statement(looking(where, looks).select(cells).from(name(ROWS)));
  }

  private static List<Field<?>> cells(Look look) {
    Field<Object> value = column(look.column());
    boolean counted = look.kind() == Kind.OTHER;
    boolean ordered = !counted && look.kind() != Kind.YES_NO;
    Field<?> comparable =
        look.kind() == Kind.TEXT ? field("{0} collate \"C\"", text(look.column())) : value;
    boolean isText = look.kind() == Kind.TEXT;
    Field<String> text = text(look.column());
    List<Field<?>> cells = new ArrayList<>();
    cells.add(count(value));
    cells.add(counted ? nothing() : countDistinct(comparable));
    cells.add(ordered ? DSL.min(comparable).cast(SQLDataType.CLOB) : nothing());
    cells.add(ordered ? DSL.max(comparable).cast(SQLDataType.CLOB) : nothing());
    cells.add(mean(look));
    for (String form : List.of(NUMBER, DATE, MAIL_ADDRESS, PHONE_NUMBER)) {
      cells.add(isText ? count().filterWhere(text.likeRegex(form)) : nothing());
    }
    cells.add(isText ? count().filterWhere(DSL.trim(text).eq(inline(""))) : nothing());
    cells.add(isText ? count().filterWhere(DSL.trim(text).ne(text)) : nothing());
    return cells;
  }

  private static Field<?> mean(Look look) {
    if (look.kind().isNumber()) {
      return DSL.avg(column(look.column()).cast(SQLDataType.DOUBLE));
    }
    return look.kind() == Kind.TEXT ? DSL.avg(DSL.length(text(look.column()))) : nothing();
  }

  private static Field<Integer> nothing() {
    return DSL.castNull(SQLDataType.INTEGER);
  }

  private static org.jooq.WithStep looking(Where where, List<Look> looks) {
    CommonTableExpression<?> rows =
        name(ROWS).asMaterialized(where.rows(looks.stream().map(Look::column).toList()));
    return with(rows);
  }

  /** Rows of column, value as text, rows that have it; the most frequent of each column first. */
  public static Statement frequent(Where where, List<Look> looks, int most) {
    Select<Record3<String, String, Integer>> all = null;
    for (Look look : looks) {
      Field<String> value = text(look.column());
      Table<Record3<String, String, Integer>> one =
          select(inline(look.column()).as("column"), value.as("value"), count().as("rows"))
              .from(name(ROWS))
              .where(column(look.column()).isNotNull())
              .groupBy(value)
              .orderBy(inline(3).desc(), inline(2))
              .limit(inline(most))
              .asTable(DSL.quotedName("of_" + look.column()));
      Select<Record3<String, String, Integer>> rows =
          select(
                  one.field(0, String.class),
                  one.field(1, String.class),
                  one.field(2, Integer.class))
              .from(one);
      all = all == null ? rows : all.unionAll(rows);
    }
    return statement(looking(where, looks).selectFrom(all.asTable("frequent")));
  }

  /** The range of a column that is cut into equal parts. */
  public record Range(Look look, String lowest, String highest) {}

  /** Rows of column, part (from 1 to 10) and rows in it. */
  public static Statement spread(Where where, List<Range> ranges) {
    Select<Record3<String, Integer, Integer>> all = null;
    for (Range range : ranges) {
      Field<Double> value = measured(column(range.look().column()), range.look().kind());
      Field<Integer> part =
          DSL.least(
              field(
                  "width_bucket({0}, {1}, {2}, {3})",
                  Integer.class,
                  value,
                  measured(inline(range.lowest()), range.look().kind()),
                  measured(inline(range.highest()), range.look().kind()),
                  inline(BUCKETS)),
              inline(BUCKETS));
      Select<Record3<String, Integer, Integer>> rows =
          select(inline(range.look().column()).as("column"), part.as("part"), count().as("rows"))
              .from(name(ROWS))
              .where(column(range.look().column()).isNotNull())
              .groupBy(part);
      all = all == null ? rows : all.unionAll(rows);
    }
    return statement(
        looking(where, ranges.stream().map(Range::look).toList())
            .selectFrom(all.asTable("spread")));
  }

  private static Field<Double> measured(Field<?> value, Kind kind) {
    return kind.isNumber()
        ? value.cast(SQLDataType.DOUBLE)
        : field(
            "cast(extract(epoch from {0}) as double precision)",
            Double.class, value.cast(SQLDataType.TIMESTAMP));
  }

  /** The first days of the months in which a column has dates, in order. */
  public static Statement months(Where where, Look look) {
    Field<?> month =
        field("date_trunc('month', {0})", column(look.column()).cast(SQLDataType.TIMESTAMP))
            .cast(SQLDataType.LOCALDATE);
    return statement(
        looking(where, List.of(look))
            .selectDistinct(month)
            .from(name(ROWS))
            .where(column(look.column()).isNotNull())
            .orderBy(inline(1)));
  }

  /** One row for a value of the columns that stands in two rows, none if they identify each row. */
  public static Statement repeated(String schema, String table, List<String> columns) {
    List<Field<Object>> fields = columns.stream().map(SurveySql::column).toList();
    return statement(
        select(inline(1))
            .from(at(schema, table))
            .groupBy(fields)
            .having(count().gt(inline(1)))
            .limit(inline(1)));
  }

  /** One row: for each set of columns how many distinct combinations the rows looked at have. */
  public static Statement combinations(Where where, List<List<Look>> sets) {
    List<Look> all = sets.stream().flatMap(List::stream).distinct().toList();
    List<Field<?>> cells = new ArrayList<>();
    cells.add(count());
    for (List<Look> set : sets) {
      cells.add(countDistinct(set.stream().map(l -> column(l.column())).toArray(Field[]::new)));
    }
    return statement(looking(where, all).select(cells).from(name(ROWS)));
  }

  /**
   * One row: how many distinct values of a column were looked for among the keys of another table,
   * and how many are there.
   *
   * @param from where to take the values from; of a big table a sample is enough
   */
  public static Statement contained(
      Where from, String column, String toSchema, String toTable, String key, int most) {
    Table<?> rows = from.rows(List.of(column)).asTable("rows");
    Table<?> values =
        DSL.selectDistinct(column(column).as("value"))
            .from(rows)
            .where(column(column).isNotNull())
            .limit(inline(most))
            .asTable("pointing");
    Table<?> keys = select(column(key).as("key")).from(at(toSchema, toTable)).asTable("pointed_at");
    Field<Object> value = field(name("pointing", "value"));
    Field<Object> found = field(name("pointed_at", "key"));
    return statement(
        select(countDistinct(value), countDistinct(found))
            .from(values)
            .leftJoin(keys)
            .on(value.eq(found)));
  }

  /**
   * One row: for each number column the share of rows that have the same value as the row of the
   * day before, for some of those that the rows belong to.
   */
  public static Statement steady(
      String schema, String table, String owner, String day, List<String> numbers) {
    Table<Record> whole = at(schema, table);
    Table<?> first = select(column(owner)).from(whole).limit(inline(2000)).asTable("first_rows");
    List<Field<?>> before = new ArrayList<>();
    List<Field<?>> cells = new ArrayList<>();
    for (int i = 0; i < numbers.size(); i++) {
      Field<Object> number = column(numbers.get(i));
      before.add(
          DSL.lag(number)
              .over()
              .partitionBy(column(owner))
              .orderBy(column(day))
              .eq(number)
              .cast(SQLDataType.INTEGER)
              .as("same_" + i));
      cells.add(DSL.avg(field(name("same_" + i), Integer.class)));
    }
    Table<?> compared =
        select(before)
            .from(whole)
            .where(
                column(owner).in(DSL.selectDistinct(column(owner)).from(first).limit(inline(20))))
            .asTable("compared");
    return statement(select(cells).from(compared));
  }

  /**
   * A SELECT that stands for a table whose columns have names that expressions cannot use, or whose
   * rows no single column identifies.
   *
   * @param names what each column is to be called, by its name in the warehouse
   * @param keyName what a column is called that is made of {@code key}; empty for none
   * @param key columns that together identify a row; when empty, rows are numbered
   */
  public static String standIn(
      String schema, String table, Map<String, String> names, String keyName, List<String> key) {
    List<Field<?>> fields = new ArrayList<>();
    names.forEach(
        (column, called) ->
            fields.add(column.equals(called) ? column(column) : column(column).as(called)));
    if (!keyName.isEmpty()) {
      fields.add(
          (key.isEmpty()
                  ? DSL.rowNumber().over()
                  : DSL.concat(
                      key.stream()
                          .flatMap(k -> java.util.stream.Stream.of(inline("/"), text(k)))
                          .skip(1)
                          .toArray(Field[]::new)))
              .as(keyName));
    }
    return RENDER.render(select(fields).from(at(schema, table)));
  }

  private static Statement statement(Query query) {
    return new Statement(RENDER.render(query), RENDER.extractBindValues(query));
  }
}
