package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Lists of rows: which, with what columns, in which order. */
final class Listings {
  private static final int TELLING_COLUMNS = 5;
  private final Collected said;
  private final Scope scope;

  Listings(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
  }

  /** The table whose rows are wanted; empty when a number is. */
  Optional<String> table() {
    boolean number =
        !said.measures.isEmpty()
            || said.counting
            || said.claim.isPresent()
            || said.yesOrNo
            || said.ranked.isPresent()
            || said.sideBySide
            || !said.keeps.isEmpty();
    if (number) {
      return Optional.empty();
    }
    if (said.rows.isPresent()) {
      return said.rows.map(Contribution.Rows::table);
    } else if (said.endRows.isPresent()) {
      return said.endRows.map(Contribution.EndRows::table);
    }
    if (!said.groupings.isEmpty() || !said.extremes.isEmpty()) {
      return Optional.empty();
    }
    List<String> nouns = new ArrayList<>(said.nouns);
    if (nouns.isEmpty() && said.subjects.isEmpty()) {
      said.filters.stream()
          .filter(Filter.HasText.class::isInstance)
          .map(f -> ((Filter.HasText) f).column())
          .filter(c -> scope.holds(c, Column.Holds.TEXT))
          .forEach(c -> nouns.add(c.table()));
    }
    if (nouns.isEmpty() && said.subjects.isEmpty()) {
      said.firstRows.map(f -> f.order().by().table()).ifPresent(nouns::add);
    }
    for (Contribution.Subject subject : said.subjects) {
      if (!(subject.what() instanceof Grouping.ByColumn by)
          || !scope.model().namesItsTable(by.column())
          || by.column().role().isPresent()) {
        return Optional.empty();
      }
      nouns.add(by.column().table());
    }
    List<String> distinct = nouns.stream().distinct().filter(n -> !isOneRow(n, nouns)).toList();
    boolean named =
        distinct.size() == 1 && !said.filters.isEmpty() && haveNames(distinct.get(0), scope);
    boolean wanted =
        named
            || said.order.filter(Contribution.Order::byName).isPresent()
            || said.showing
            || said.picture.filter(p -> p == Plan.Picture.MAP).isPresent()
            || !said.subjects.isEmpty()
            || said.columns.isPresent()
            || said.firstRows.isPresent()
            || !said.related.isEmpty()
            || said.filters.stream().anyMatch(f -> f instanceof Filter.HasText)
            || said.filters.stream().anyMatch(f -> f instanceof Filter.Having);
    return distinct.size() == 1 && wanted ? Optional.of(distinct.get(0)) : Optional.empty();
  }

  /** "flat 12" in "list the repairs of flat 12": a row that those of another noun point at. */
  private boolean isOneRow(String noun, List<String> nouns) {
    return nouns.stream().anyMatch(o -> !o.equals(noun) && isReached(o, noun))
        && said.filters.stream()
            .anyMatch(
                f -> f instanceof Filter.InValues in && scope.idsOf(noun).contains(in.column()));
  }

  /**
   * "who drove TC 117" is not answered by what drives it: rows of theirs, or a column of people.
   */
  private boolean isToldBy(Contribution.Subject subject, String table) {
    return !(subject.what() instanceof Grouping.ByColumn by)
        || !scope.persons().contains(by.column().withoutRole())
        || by.column().table().equals(table)
        || said.rows.isEmpty()
        || said.rows.get().columns().stream().anyMatch(c -> scope.persons().contains(c));
  }

  /** "what does the big tariff cost": asks for the one price that the rows have which are named. */
  boolean price() {
    List<String> named =
        said.nouns.isEmpty()
            ? said.filters.stream()
                .filter(
                    f ->
                        f instanceof Filter.InValues in && scope.model().namesItsTable(in.column()))
                .flatMap(f -> f.narrowedTable().stream())
                .toList()
            : said.nouns;
    if (named.stream().distinct().count() != 1 || said.rows.isPresent()) {
      return false;
    }
    String table = named.get(0);
    List<ColumnRef> prices = scope.pricesOf(table);
    if (prices.size() != 1) {
      return false;
    }
    List<ColumnRef> columns = new ArrayList<>(scope.namingColumn(table).stream().toList());
    columns.addAll(prices);
    said.rows = Optional.of(new Contribution.Rows(table, columns, List.of()));
    return true;
  }

  /** The plan that lists rows of the table; empty when something does not go with a list. */
  Optional<Plan> plan(String table) {
    if (said.endRows.filter(e -> !e.table().equals(table)).isPresent()) {
      return Optional.empty();
    }
    Optional<Integer> count =
        said.firstRows
            .flatMap(Contribution.FirstRows::count)
            .or(() -> said.endRows.map(Contribution.EndRows::count));
    Optional<Listing.Order> order =
        said.rowOrder().map(o -> fitting(o, table)).or(() -> byName(table));
    Optional<ColumnRef> per = per(table);
    if (said.groupings.size() > (per.isPresent() && said.within.isEmpty() ? 1 : 0)
        || said.within.isPresent() && per.isEmpty()
        || said.order.filter(o -> !o.byName()).isPresent()
        || per.isPresent() && count.isEmpty()) {
      return Optional.empty();
    }
    if (said.subjects.stream().anyMatch(s -> !isToldBy(s, table))) {
      return Optional.empty();
    }
    boolean othersNamed =
        said.nouns.stream().anyMatch(n -> !n.equals(table) && !isReached(table, n));
    if (othersNamed) {
      return Optional.empty();
    }
    Listing listing = new Listing(table, columns(table, order, per), order, count, per);
    Plan plan = Plan.of(listing, said.filters.stream().distinct().toList());
    return Optional.of(plan.withPicture(said.picture));
  }

  /**
   * "longest open deals" have no duration yet, and are those that were opened first; "the last deal
   * won" is the last by the date on which deals are won.
   */
  private Listing.Order fitting(Listing.Order order, String table) {
    ColumnRef by = order.by();
    boolean open =
        scope.durations().contains(by) && scope.notOver(table).filter(this::isSaid).isPresent();
    if (open) {
      Table.Span span = scope.model().table(table).span(by.column()).orElseThrow();
      return new Listing.Order(ColumnRef.of(table, span.from().name()), !order.descending());
    }
    List<ColumnRef> dates =
        said.done.keySet().stream().flatMap(f -> scope.dated().of(f).stream()).distinct().toList();
    boolean dated = dates.size() == 1 && dates.get(0).table().equals(table);
    return dated && scope.isMainDate(by)
        ? new Listing.Order(dates.get(0), order.descending())
        : order;
  }

  private boolean isSaid(Filter open) {
    return said.filters.contains(open)
        || open instanceof Filter.Meets meets
            && scope
                .endMissing(meets.table(), meets.condition())
                .map(end -> new Filter.Missing(end, false))
                .filter(said.filters::contains)
                .isPresent();
  }

  /** "sorted by name": by what names the rows. */
  private Optional<Listing.Order> byName(String table) {
    return said.order
        .filter(Contribution.Order::byName)
        .flatMap(
            o ->
                scope
                    .namingColumn(table)
                    .map(c -> new Listing.Order(c, o.descending().orElse(false))));
  }

  private boolean isReached(String table, String other) {
    return !scope.paths().shortest(table, other, Optional.empty()).isEmpty();
  }

  private Optional<ColumnRef> per(String table) {
    Optional<Grouping> wanted =
        said.within.or(
            () ->
                said.groupings.size() == 1 ? Optional.of(said.groupings.get(0)) : Optional.empty());
    return wanted
        .filter(g -> g instanceof Grouping.ByColumn)
        .map(g -> ((Grouping.ByColumn) g).column())
        .filter(c -> !c.table().equals(table) || !scope.model().namesItsTable(c));
  }

  private List<ColumnRef> columns(
      String table, Optional<Listing.Order> order, Optional<ColumnRef> per) {
    List<ColumnRef> columns = new ArrayList<>();
    boolean listed = said.rows.filter(r -> !r.columns().isEmpty()).isPresent();
    if (listed) {
      columns.addAll(said.rows.get().columns());
    } else if (said.rows.isPresent()) {
      everything(table, scope).forEach(columns::add);
    } else {
      per.ifPresent(columns::add);
      known(table, scope).filter(c -> !columns.contains(c)).ifPresent(columns::add);
      boolean named =
          scope.namingColumn(table).filter(c -> scope.holds(c, Column.Holds.CATEGORY)).isPresent();
      if (said.columns.isEmpty() || !named) {
        telling(table, scope).stream().filter(c -> !columns.contains(c)).forEach(columns::add);
      }
      order.map(Listing.Order::by).filter(c -> !columns.contains(c)).ifPresent(columns::add);
      said.filters.stream()
          .filter(Filter.Compare.class::isInstance)
          .map(f -> ((Filter.Compare) f).column())
          .filter(c -> c.table().equals(table) && !columns.contains(c))
          .forEach(columns::add);
    }
    said.columns.ifPresent(
        more -> more.columns().stream().filter(c -> !columns.contains(c)).forEach(columns::add));
    return columns;
  }

  /** Whether rows of a table have names that say who or what they are. */
  static boolean haveNames(String table, Scope scope) {
    return scope
        .namingColumn(table)
        .filter(c -> scope.holds(c, Column.Holds.CATEGORY) || scope.holds(c, Column.Holds.TEXT))
        .isPresent();
  }

  /** All rows of a table, with the columns that are shown where none are named. */
  static Listing all(String table, Scope scope) {
    List<ColumnRef> columns = new ArrayList<>(known(table, scope).stream().toList());
    telling(table, scope).stream().filter(c -> !columns.contains(c)).forEach(columns::add);
    return new Listing(table, columns, Optional.empty(), Optional.empty(), Optional.empty());
  }

  /** By what a row is told from others: its name, or the number that it goes by. */
  private static Optional<ColumnRef> known(String table, Scope scope) {
    String key = scope.model().table(table).key();
    return scope
        .namingColumn(table)
        .or(() -> scope.idsOf(table).stream().filter(c -> c.column().equals(key)).findFirst());
  }

  /** What tells people most about a row, and whatever else is known of it. */
  private static List<ColumnRef> everything(String name, Scope scope) {
    List<ColumnRef> all = new ArrayList<>(scope.namingColumn(name).stream().toList());
    scope.idsOf(name).stream().filter(c -> !all.contains(c)).forEach(all::add);
    telling(name, scope).stream().filter(c -> !all.contains(c)).forEach(all::add);
    scope.model().table(name).columns().stream()
        .map(c -> ColumnRef.of(name, c.name()))
        .filter(c -> !all.contains(c))
        .forEach(all::add);
    return all;
  }

  /** The columns that tell people most about a row: its date, who or where, kinds and numbers. */
  private static List<ColumnRef> telling(String name, Scope scope) {
    Table table = scope.model().table(name);
    List<ColumnRef> telling = new ArrayList<>();
    table
        .mainDate()
        .filter(d -> table.findColumn(d).isPresent())
        .ifPresent(d -> telling.add(ColumnRef.of(name, d)));
    table.links().stream()
        .filter(l -> scope.paths().shortest(name, l.to(), Optional.empty()).size() == 1)
        .flatMap(l -> scope.namingColumn(l.to()).stream())
        .filter(c -> scope.holds(c, Column.Holds.CATEGORY))
        .forEach(telling::add);
    for (Column column : table.columns()) {
      boolean plain =
          column.holds() == Column.Holds.CATEGORY || column.holds() == Column.Holds.NUMBER;
      ColumnRef ref = ColumnRef.of(name, column.name());
      if (plain && column.sql().isEmpty() && !telling.contains(ref)) {
        telling.add(ref);
      }
    }
    return telling.stream().distinct().limit(TELLING_COLUMNS).toList();
  }
}
