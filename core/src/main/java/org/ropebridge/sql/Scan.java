package org.ropebridge.sql;

import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectFrom;
import static org.jooq.impl.DSL.table;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.access.Access;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Step;
import org.ropebridge.model.expression.Emptiness;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;

/**
 * The rows of one base table and, along many-to-one links, the rows that they point to. Each
 * table's access rules are below everything else. Joining here never multiplies rows.
 */
final class Scan {
  private static final String SEEN = "seen";
  private final Access access;
  private final Guarantees guarantees;
  private final LinkPaths paths;
  private final LocalDate today;
  private final String base;
  private final Map<List<Step>, String> aliases = new LinkedHashMap<>();
  private final Set<String> used;
  private Table<?> from;

  Scan(String base, Access access, Guarantees guarantees, LinkPaths paths, LocalDate today) {
    this(base, access, guarantees, paths, today, new HashSet<>());
  }

  private Scan(
      String base,
      Access access,
      Guarantees guarantees,
      LinkPaths paths,
      LocalDate today,
      Set<String> used) {
    this.today = today;
    this.used = used;
    this.access = access;
    this.guarantees = guarantees;
    this.paths = paths;
    this.base = base;
    String alias = alias(base);
    aliases.put(List.of(), alias);
    from = rows(base).as(Names.of(alias));
  }

  /** A scan that may refer to this one's columns, because no name means something in both. */
  Scan beside(String table) {
    return new Scan(table, access, guarantees, paths, today, used);
  }

  /** The joined tables so far. */
  Table<?> from() {
    return from;
  }

  /** The column, joining what is needed to reach it. */
  Field<?> column(ColumnRef ref) {
    return field(ref.table(), ref.column(), alias(ref));
  }

  private String alias(ColumnRef ref) {
    return join(
        paths
            .to(base, ref)
            .orElseThrow(
                () -> new IllegalArgumentException("no single way from " + base + " to " + ref))
            .steps());
  }

  /** The key of a table, taken from the column that points to it where nothing is hidden. */
  Field<?> pointer(ColumnRef key) {
    List<Step> way = paths.to(base, key).orElseThrow().steps();
    if (way.isEmpty() || access.isLimited(key.table())) {
      return column(key);
    }
    Step last = way.get(way.size() - 1);
    return DSL.field(Names.of(join(way.subList(0, way.size() - 1)), last.link().by()));
  }

  /**
   * The key of a table, taken from the column that points to it where the warehouse promises that
   * it leads to a row, and nothing is hidden; empty elsewhere.
   */
  Optional<Field<?>> soundPointer(ColumnRef key) {
    List<Step> way = paths.to(base, key).orElseThrow().steps();
    boolean sound =
        !way.isEmpty()
            && !access.isLimited(key.table())
            && guarantees.soundLinks().contains(way.get(way.size() - 1).role());
    return sound ? Optional.of(pointer(key)) : Optional.empty();
  }

  /**
   * What is missing exactly where the column is: the column itself, or the pointer to its table
   * where every row there has a value.
   */
  Field<?> missingWith(ColumnRef column) {
    ColumnRef key =
        new ColumnRef(column.table(), access.model().table(column.table()).key(), column.role());
    boolean always = guarantees.neverMissing().contains(column.withoutRole());
    return always ? soundPointer(key).orElseGet(() -> column(column)) : column(column);
  }

  /** A name in an expression over the base table. */
  Field<?> baseName(String name) {
    return field(base, name, aliases.get(List.of()));
  }

  /** A condition over the base table. */
  Condition baseCondition(Expression expression) {
    return new ExpressionTranslator(this::baseName, access.person(), today).condition(expression);
  }

  /** An author's expression over some table of the scan. */
  Condition condition(String tableName, Expression expression) {
    ColumnRef key = ColumnRef.of(tableName, access.model().table(tableName).key());
    String alias = join(paths.to(base, key).orElseThrow().steps());
    Condition met =
        new ExpressionTranslator(name -> field(tableName, name, alias), access.person(), today)
            .condition(expression);
    return needsRow(expression, alias) ? key(tableName, alias).isNotNull().and(met) : met;
  }

  /** Whether the expression has a value even where no row was found to join. */
  private boolean needsRow(Expression expression, String alias) {
    return !alias.equals(aliases.get(List.of())) && !Emptiness.isMissingWithoutValues(expression);
  }

  private Field<?> key(String tableName, String alias) {
    return DSL.field(Names.of(alias, access.model().table(tableName).key()));
  }

  /**
   * An author's expression of aggregates over the base table.
   *
   * @param only the rows that count; all when empty
   */
  Field<?> aggregate(Expression expression, Optional<Condition> only) {
    return new ExpressionTranslator(this::baseName, access.person(), today, only).field(expression);
  }

  /** How the moments of a column are kept; empty when they are kept as people read them. */
  Optional<Moments> moments(ColumnRef ref) {
    return moments(ref.table(), ref.column());
  }

  private Optional<Moments> moments(String tableName, String column) {
    return access
        .model()
        .table(tableName)
        .findColumn(column)
        .flatMap(c -> Moments.of(c, access.model().calendar()));
  }

  /** The column as the warehouse keeps it, which an index may be on. */
  Field<?> kept(ColumnRef ref) {
    return moments(ref).isEmpty() ? column(ref) : DSL.field(Names.of(alias(ref), ref.column()));
  }

  private Field<?> field(String tableName, String column, String alias) {
    Optional<String> sql = access.model().table(tableName).findColumn(column).flatMap(Column::sql);
    if (sql.isPresent()) {
      return computed(tableName, ExpressionParser.parse(sql.get()), alias);
    }
    Field<?> kept = DSL.field(Names.of(alias, column));
    return moments(tableName, column).<Field<?>>map(m -> m.shown(kept)).orElse(kept);
  }

  private Field<?> computed(String tableName, Expression expression, String alias) {
    Field<?> value =
        new ExpressionTranslator(name -> field(tableName, name, alias), access.person(), today)
            .field(expression);
    return needsRow(expression, alias)
        ? DSL.field(
            "case when {0} is not null then {1} end", Object.class, key(tableName, alias), value)
        : value;
  }

  private String join(List<Step> way) {
    String known = aliases.get(way);
    if (known != null) {
      return known;
    }
    Step last = way.get(way.size() - 1);
    String before = join(way.subList(0, way.size() - 1));
    String target = last.link().to();
    String alias = alias(used.contains(target) ? target + "_" + last.link().name() : target);
    Field<Object> pointer = DSL.field(Names.of(before, last.link().by()), Object.class);
    Field<Object> key =
        DSL.field(Names.of(alias, access.model().table(target).key()), Object.class);
    from = from.leftJoin(rows(target).as(Names.of(alias))).on(pointer.eq(key));
    aliases.put(List.copyOf(way), alias);
    return alias;
  }

  private String alias(String wanted) {
    String alias = wanted;
    for (int i = 2; !used.add(alias); i++) {
      alias = wanted + "_" + i;
    }
    return alias;
  }

  /** The rows of a table that the person may see. */
  private Table<?> rows(String tableName) {
    return rows(tableName, Set.of());
  }

  /**
   * The rows of a table that the person may see.
   *
   * @param above the tables whose rows these decide about
   */
  private Table<?> rows(String tableName, Set<String> above) {
    org.ropebridge.model.Table source = access.model().table(tableName);
    Table<?> all =
        source.query().isEmpty()
            ? table(
                Names.of(
                    source.from().substring(0, source.from().indexOf('.')),
                    source.from().substring(source.from().indexOf('.') + 1)))
            : DSL.using(SQLDialect.POSTGRES).parser().parseSelect(source.query()).asTable();
    return access.isLimited(tableName)
        ? selectFrom(all.as(Names.of(tableName))).where(allowed(tableName, above)).asTable()
        : all;
  }

  /** The table's own rules hold, and what a row points to may be seen too. */
  private Condition allowed(String tableName, Set<String> above) {
    Condition allowed = DSL.noCondition();
    for (Expression rule : access.rowRules().getOrDefault(tableName, List.of())) {
      allowed =
          allowed.and(
              new ExpressionTranslator(
                      name -> field(tableName, name, tableName), access.person(), today)
                  .condition(rule));
    }
    Set<String> further = new HashSet<>(above);
    further.add(tableName);
    for (Link link : access.model().table(tableName).links()) {
      if (!further.contains(link.to()) && access.isLimited(tableName, link)) {
        Field<Object> pointer = DSL.field(Names.of(tableName, link.by()), Object.class);
        Field<Object> key =
            DSL.field(Names.of(access.model().table(link.to()).key()), Object.class);
        allowed =
            allowed.and(
                pointer
                    .isNull()
                    .or(pointer.in(select(key).from(rows(link.to(), further).as(SEEN)))));
      }
    }
    return allowed;
  }
}
