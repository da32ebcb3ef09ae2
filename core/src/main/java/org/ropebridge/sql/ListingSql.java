package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.select;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.OrderField;
import org.jooq.Query;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** The SQL of a list of rows. */
final class ListingSql {
  private static final String PLACE = "place";
  private static final String LISTED = "listed";
  private final Plan plan;
  private final Listing listing;
  private final Ground ground;
  private final Ctes ctes;
  private final Scan scan;

  ListingSql(Plan plan, Ground ground, Ctes ctes) {
    this.plan = plan;
    this.listing = plan.listing().orElseThrow();
    this.ground = ground;
    this.ctes = ctes;
    this.scan = ground.scan(listing.table());
  }

  SqlQuery write(DSLContext render) {
    int rowLimit = ground.rowLimit();
    int most = Math.min(rowLimit + 1, listing.count().orElse(Integer.MAX_VALUE));
    Query query;
    if (listing.per().isPresent()) {
      String source = ctes.add(LISTED, firstOfEach());
      List<Field<?>> shown = new ArrayList<>();
      names().forEach(n -> shown.add(DSL.field(Names.of(n))));
      List<OrderField<?>> order = new ArrayList<>();
      order.add(DSL.field(Names.of("per")).asc().nullsLast());
      order.add(DSL.field(Names.of(PLACE)).asc());
      order.add(DSL.field(Names.of("key")).asc());
      query =
          DSL.with(ctes.all())
              .select(shown)
              .from(Names.of(source))
              .where(DSL.field(Names.of(PLACE), Integer.class).le(inline(listing.count().get())))
              .orderBy(order)
              .limit(inline(rowLimit + 1));
    } else {
      List<Field<?>> fields = fields();
      List<OrderField<?>> order = order();
      Condition where = where();
      query =
          (ctes.all().isEmpty() ? DSL.select(fields) : DSL.with(ctes.all()).select(fields))
              .from(scan.from())
              .where(where)
              .orderBy(order)
              .limit(inline(most));
    }
    return new SqlQuery(
        render.render(query),
        render.extractBindValues(query),
        render.renderInlined(query),
        OutputColumns.of(plan, ground),
        rowLimit);
  }

  /** The keys of the rows. */
  Select<?> keys() {
    List<OrderField<?>> order = order();
    Condition where = where();
    Field<?> key = key().as(Names.of("key"));
    var select = select(key).from(scan.from()).where(where);
    return listing.count().isPresent()
        ? select.orderBy(order).limit(inline(listing.count().get()))
        : select;
  }

  private Select<?> firstOfEach() {
    List<Field<?>> fields = fields();
    fields.add(key().as(Names.of("key")));
    ColumnRef per = listing.per().orElseThrow();
    fields.add(scan.column(per).as(Names.of("per")));
    String keyColumn = ground.model().table(per.table()).key();
    Field<?> identity =
        ground.model().isKnownBy(per)
            ? scan.column(new ColumnRef(per.table(), keyColumn, per.role()))
            : scan.column(per);
    Listing.Order order = listing.order().orElseThrow();
    Field<?> by = scan.column(order.by());
    fields.add(
        DSL.rank()
            .over(
                DSL.partitionBy(List.of(identity))
                    .orderBy(order.descending() ? by.desc() : by.asc()))
            .as(Names.of(PLACE)));
    // Rows without a member are of no member, and first of none.
    Condition where = where().and(identity.isNotNull());
    return select(fields).from(scan.from()).where(where);
  }

  private Field<?> key() {
    return scan.baseName(ground.model().table(listing.table()).key());
  }

  private List<String> names() {
    Headings headings = new Headings(plan, ground.restatement());
    return listing.columns().stream().map(c -> headings.of(new Grouping.ByColumn(c))).toList();
  }

  private List<Field<?>> fields() {
    List<String> names = names();
    List<Field<?>> fields = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      fields.add(scan.column(listing.columns().get(i)).as(Names.of(names.get(i))));
    }
    return fields;
  }

  private List<OrderField<?>> order() {
    List<OrderField<?>> order = new ArrayList<>();
    if (listing.order().isPresent()) {
      Field<?> by = scan.column(listing.order().get().by());
      order.add((listing.order().get().descending() ? by.desc() : by.asc()).nullsLast());
    } else {
      ground
          .model()
          .table(listing.table())
          .knownBy()
          .ifPresent(c -> order.add(scan.baseName(c).asc()));
    }
    order.add(key().asc());
    return order;
  }

  private Condition where() {
    Optional<ColumnRef> date =
        MeasureTables.date(listing.table(), Optional.empty(), ground.model());
    RowFilters filters = new RowFilters(ground, ctes);
    Condition where = DSL.noCondition();
    for (Filter filter : plan.filters()) {
      where = where.and(filters.of(filter, scan, date, Shift.NONE));
    }
    if (listing.count().isPresent()) {
      where = where.and(scan.column(listing.order().orElseThrow().by()).isNotNull());
    }
    return where;
  }
}
