package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ropebridge.lexicon.DatedValues;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Target;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.TimeUnit;

/**
 * What rules may know besides the words.
 *
 * @param model as far as the person who asks may see it
 * @param beginnings dates at which rows of a table began to be: births, openings
 * @param ends dates at which they were over: closings, departures
 * @param durations how long rows took, where no file writes it down
 * @param delays how long after they were due rows were done, where no file writes it down
 * @param unnamedDelays those of tables where no condition of the author says what is late
 * @param namedLate tables of which a condition says what was done late: "paid late"
 * @param overruns how far numbers are above what they were to be, where no file writes it down
 * @param targets metrics that say what others are to be
 * @param cost the only metric that is called a cost, if there is one
 * @param paces numbers that are so much in a unit of time
 * @param reasons columns that tell why something happened
 * @param manners categories that tell how rows of a table were done
 * @param repeats numbers that count how often something was done to a row: "times reopened"
 * @param persons columns that hold people
 * @param people tables whose rows are people
 * @param doers the people who do what a metric tells, by its name: sellers of sales
 * @param dated the dates at which rows came to have values
 * @param years number columns that hold years
 * @param places columns that hold places
 * @param workers names of tables whose rows are people who work here
 * @param origins roles, as {@code table.link}, from which something comes
 * @param destinations roles to which something goes
 * @param dimensions what units measure
 * @param weights what counts how much
 */
public record Scope(
    Model model,
    LinkPaths paths,
    PeriodResolver periods,
    Set<ColumnRef> beginnings,
    Set<ColumnRef> ends,
    Set<ColumnRef> durations,
    Set<ColumnRef> delays,
    Set<ColumnRef> unnamedDelays,
    Set<String> namedLate,
    Set<ColumnRef> overruns,
    List<Target> targets,
    Optional<String> cost,
    Map<ColumnRef, TimeUnit> paces,
    Set<ColumnRef> reasons,
    Set<ColumnRef> manners,
    Set<ColumnRef> repeats,
    Set<ColumnRef> persons,
    Set<String> people,
    Map<String, ColumnRef> doers,
    DatedValues dated,
    Set<ColumnRef> years,
    Set<ColumnRef> places,
    Set<ColumnRef> workers,
    Set<String> origins,
    Set<String> destinations,
    Dimensions dimensions,
    Weights weights) {
  public Scope {
    beginnings = inOrder(beginnings);
    ends = inOrder(ends);
    durations = inOrder(durations);
    delays = inOrder(delays);
    unnamedDelays = inOrder(unnamedDelays);
    namedLate = inOrder(namedLate);
    overruns = inOrder(overruns);
    targets = List.copyOf(targets);
    paces = Map.copyOf(paces);
    doers = Map.copyOf(doers);
    reasons = inOrder(reasons);
    manners = inOrder(manners);
    repeats = inOrder(repeats);
    persons = inOrder(persons);
    people = inOrder(people);
    years = inOrder(years);
    places = inOrder(places);
    workers = inOrder(workers);
    origins = inOrder(origins);
    destinations = inOrder(destinations);
  }

  /** A copy whose order is the same in each process, as that of what is read from it must be. */
  private static <T> Set<T> inOrder(Set<T> items) {
    return Collections.unmodifiableSet(new LinkedHashSet<>(items));
  }

  /** The date at which a row of the table began to be, or else its own date. */
  List<ColumnRef> birthOf(String table) {
    List<ColumnRef> births = beginnings.stream().filter(c -> c.table().equals(table)).toList();
    return births.size() == 1 ? births : datesOf(table);
  }

  /** Keeps people who have not left, where just one date says when they do. */
  Optional<Filter> stillHere(String table) {
    return arePeople(table) ? notOver(table) : Optional.empty();
  }

  /**
   * Keeps rows whose end has not come, where just one date says when it does: by the author's own
   * condition, where one asks just for that.
   */
  public Optional<Filter> notOver(String table) {
    return onlyOf(table, ends)
        .map(
            end ->
                model.table(table).conditions().stream()
                    .map(Condition::name)
                    .filter(c -> endMissing(table, c).equals(Optional.of(end)))
                    .findFirst()
                    .<Filter>map(c -> new Filter.Meets(table, c, false))
                    .orElse(new Filter.Missing(end, false)));
  }

  /** The date whose lack is all that the condition asks for: "open". */
  public Optional<ColumnRef> endMissing(String table, String condition) {
    return model
        .table(table)
        .findCondition(condition)
        .map(c -> ExpressionParser.parse(c.sql()))
        .filter(e -> e instanceof Expression.IsNull lacks && !lacks.negated())
        .map(e -> ((Expression.IsNull) e).value())
        .filter(Expression.NameUse.class::isInstance)
        .map(e -> ((Expression.NameUse) e).name())
        .filter(c -> model.table(table).findColumn(c).isPresent())
        .map(c -> ColumnRef.of(table, c))
        .filter(this::isTemporal);
  }

  /** The column that tells why rows of the table happened, where just one does. */
  public Optional<ColumnRef> reason(String table) {
    return onlyOf(table, reasons);
  }

  /** The column that tells how rows of the table were done, where just one does. */
  Optional<ColumnRef> manner(String table) {
    return onlyOf(table, manners);
  }

  /** How long the date came after the rows' own date, unless it is one at which they began. */
  private Optional<ColumnRef> sinceOwnDate(ColumnRef date) {
    return model
        .table(date.table())
        .ownDate()
        .filter(own -> isTemporal(date) && !own.name().equals(date.column()))
        .filter(own -> !beginnings.contains(date.withoutRole()))
        .map(own -> ColumnRef.of(date.table(), model.column(date).nameAfter(own)));
  }

  private static Optional<ColumnRef> onlyOf(String table, Set<ColumnRef> columns) {
    List<ColumnRef> own = columns.stream().filter(c -> c.table().equals(table)).toList();
    return own.size() == 1 ? Optional.of(own.get(0)) : Optional.empty();
  }

  /** What the metric is to another, where it says what that is to be. */
  Optional<Target> target(String metric) {
    return targets.stream().filter(t -> t.target().equals(metric)).findFirst();
  }

  /** The date on which rows of the table were due, where it is known how late they were. */
  List<ColumnRef> dueOf(Optional<String> table) {
    return delays.stream()
        .filter(d -> table.isEmpty() || table.get().equals(d.table()))
        .flatMap(
            d ->
                model.table(d.table()).span(d.column()).stream()
                    .map(s -> ColumnRef.of(d.table(), s.from().name())))
        .toList();
  }

  /**
   * How long after they were due rows were done, of every table, or only where they were done on
   * that date.
   */
  List<ColumnRef> delaysOf(Optional<ColumnRef> done) {
    return delays.stream().filter(d -> done.isEmpty() || isUpTo(done.get(), d)).toList();
  }

  /** How far another number is above this one, which says what that was to be. */
  Optional<ColumnRef> overrun(ColumnRef wanted) {
    return overruns.stream()
        .filter(o -> o.table().equals(wanted.table()))
        .filter(
            o ->
                model
                    .table(o.table())
                    .overrun(o.column())
                    .filter(s -> s.from().name().equals(wanted.column()))
                    .isPresent())
        .findFirst();
  }

  private boolean isUpTo(ColumnRef date, ColumnRef span) {
    return date.table().equals(span.table())
        && model
            .table(span.table())
            .span(span.column())
            .filter(s -> s.to().name().equals(date.column()))
            .isPresent();
  }

  /** How long rows of the table took, where no file writes it down. */
  public Optional<ColumnRef> duration(String table) {
    return durations.stream().filter(c -> c.table().equals(table)).findFirst();
  }

  /** How long rows took up to the date, where that is told in the unit and no file writes it. */
  public Optional<ColumnRef> durationUpTo(ColumnRef end, Optional<String> unit) {
    return durationUpTo(end).filter(d -> model.column(d).unit().equals(unit));
  }

  /** The same in whatever unit. */
  public Optional<ColumnRef> durationUpTo(ColumnRef end) {
    return duration(end.table())
        .filter(d -> d.column().equals(end.column() + Column.DURATION))
        .or(() -> sinceOwnDate(end));
  }

  /** The numbers of a table that are years. */
  List<ColumnRef> yearsOf(String table) {
    return years.stream().filter(c -> c.table().equals(table)).toList();
  }

  LocalDate today() {
    return periods.today();
  }

  /** The column that names the rows of a table. */
  public Optional<ColumnRef> namingColumn(String table) {
    return model.namingColumn(table);
  }

  /**
   * The column that is called the name of the rows though they are not known by it: newsletters of
   * one name are sent many times.
   */
  Optional<ColumnRef> labelledName(String table) {
    String noun = model.table(table).rowNoun();
    List<ColumnRef> names =
        model.table(table).columns().stream()
            .filter(c -> c.holds() == Column.Holds.CATEGORY)
            .filter(
                c ->
                    c.label().equalsIgnoreCase("name of the " + noun)
                        || c.label().equalsIgnoreCase(noun + " name"))
            .map(c -> ColumnRef.of(table, c.name()))
            .toList();
    return names.size() == 1 ? Optional.of(names.get(0)) : Optional.empty();
  }

  public boolean holds(ColumnRef column, Column.Holds kind) {
    return model.column(column).holds() == kind;
  }

  public boolean isTemporal(ColumnRef column) {
    return model.column(column).holds().isTemporal();
  }

  /** The number columns that are measured in the unit. */
  List<ColumnRef> columnsIn(String unit) {
    Stream<ColumnRef> written =
        model.tables().stream()
            .flatMap(
                t ->
                    dimensions
                        .usual(
                            t.columns().stream()
                                .filter(c -> c.holds() == Column.Holds.NUMBER)
                                .filter(c -> c.unit().equals(Optional.of(unit)))
                                .toList())
                        .stream()
                        .map(c -> ColumnRef.of(t.name(), c.name())));
    return Stream.concat(
            written,
            // How long people were there is no more what is meant by days than their age.
            durations.stream()
                .filter(c -> !arePeople(c.table()))
                .filter(c -> model.column(c).unit().equals(Optional.of(unit))))
        .toList();
  }

  /** Whether the total is what is meant by the number column alone. */
  public boolean addsUp(ColumnRef column) {
    return model.column(column).addsUp().equals(Optional.of(Column.AddsUp.SUM));
  }

  /** Whether the rows of the table are people. */
  public boolean arePeople(String table) {
    return people.contains(table);
  }

  /** Whether the column holds words. */
  boolean isText(ColumnRef column) {
    return holds(column, Column.Holds.TEXT)
        || holds(column, Column.Holds.CATEGORY)
        || holds(column, Column.Holds.ID)
        || holds(column, Column.Holds.REGION);
  }

  /** The column that is meant when the rows themselves are said to have words. */
  Optional<ColumnRef> textOf(String table, Meaning.WhereWord where) {
    if (where.where() != Filter.Where.ANYWHERE) {
      return namingColumn(table);
    }
    List<ColumnRef> texts =
        model.table(table).columns().stream()
            .filter(c -> c.holds() == Column.Holds.TEXT)
            .map(c -> ColumnRef.of(table, c.name()))
            .toList();
    return texts.size() == 1 ? Optional.of(texts.get(0)) : namingColumn(table);
  }

  /** Whether each row of the one table points at a row of the other. */
  public boolean pointsAt(String table, String anchor) {
    return !table.equals(anchor) && !paths.shortest(table, anchor, Optional.empty()).isEmpty();
  }

  /** The only table of which each row points at a row of the anchor itself, if just one does. */
  public Optional<String> onlyPointing(String anchor) {
    List<String> pointing =
        model.tables().stream()
            .filter(t -> t.links().stream().anyMatch(l -> l.to().equals(anchor)))
            .map(Table::name)
            .toList();
    return pointing.size() == 1 ? Optional.of(pointing.get(0)) : Optional.empty();
  }

  /**
   * The table whose rows point at those of the anchor because of rows of a table: that table, or
   * the only one that points at both, as trainings do at courses and at people.
   */
  public Optional<String> pointing(String table, String anchor) {
    if (table.equals(anchor)) {
      return Optional.empty();
    } else if (pointsAt(table, anchor)) {
      return Optional.of(table);
    } else if (pointsAt(anchor, table)) {
      return Optional.empty();
    }
    List<String> both =
        model.tables().stream()
            .filter(t -> isLinked(t, table) && isLinked(t, anchor))
            .map(Table::name)
            .toList();
    return both.size() == 1 ? Optional.of(both.get(0)) : Optional.empty();
  }

  private static boolean isLinked(Table table, String to) {
    return table.links().stream().filter(l -> l.to().equals(to)).count() == 1;
  }

  /** Whether it is the date that times of its rows are told by. */
  public boolean isMainDate(ColumnRef date) {
    return MeasureTables.date(date.table(), Optional.empty(), model).equals(Optional.of(date));
  }

  /** The date that tells the newest rows of a table: the main one, or else the first. */
  public List<ColumnRef> datesOf(String table) {
    Optional<ColumnRef> main = MeasureTables.date(table, Optional.empty(), model);
    if (main.isPresent()) {
      return List.of(main.get());
    }
    return model.table(table).columns().stream()
        .filter(c -> c.holds().isTemporal())
        .map(c -> ColumnRef.of(table, c.name()))
        .limit(1)
        .toList();
  }

  /** The number columns of a table that "how long" and the like may ask for. */
  public List<ColumnRef> measuredBy(String table, Meaning.HowWord how) {
    List<ColumnRef> all =
        how.dimensions().stream().flatMap(d -> measuredBy(table, d).stream()).distinct().toList();
    // "how long is a visit" asks for its time, also where people drove so far for it.
    boolean event = all.size() > 1 && !datesOf(table).isEmpty();
    return event && how.dimensions().contains(Dimensions.TIME)
        ? measuredBy(table, Dimensions.TIME)
        : all;
  }

  /** Whether the number may be what an adjective of the dimension asks for: times are not fast. */
  boolean isMeasuredBy(ColumnRef number, String dimension) {
    Optional<String> unit = model.column(number).unit();
    return dimension.isEmpty()
        || dimension.equals(Dimensions.SIZE)
        || unit.isEmpty()
        || dimensions.measures(model.column(number), dimension)
        || !dimensions.isKnown(unit.get());
  }

  /** Whether it counts things, such as beds, and neither money nor what is measured. */
  private boolean isOfPieces(Column number) {
    return number.addsUp().filter(a -> a == Column.AddsUp.SUM).isPresent()
        && number.unit().filter(dimensions::isKnown).isEmpty();
  }

  /** The number columns of a table that an adjective of the dimension may measure. */
  public List<ColumnRef> measuredBy(String table, String dimension) {
    List<Column> numbers =
        model.table(table).columns().stream()
            .filter(c -> c.holds() == Column.Holds.NUMBER)
            .toList();
    Optional<ColumnRef> duration =
        dimension.equals(Dimensions.TIME) ? duration(table) : Optional.empty();
    if (duration.isPresent()) {
      return List.of(duration.get());
    }
    boolean anything = dimension.isEmpty() || dimension.equals(Dimensions.SIZE);
    List<Column> fitting =
        anything
            ? numbers
            : numbers.stream().filter(c -> dimensions.measures(c, dimension)).toList();
    if (anything && fitting.size() > 1) {
      List<Column> telling =
          dimension.isEmpty()
              ? numbers.stream().filter(c -> dimensions.measures(c, "length")).toList()
              : numbers.stream().filter(this::isOfPieces).toList();
      fitting = telling.size() == 1 ? telling : fitting;
    }
    fitting = anything ? fitting : dimensions.usual(fitting);
    List<Column> addingUp =
        fitting.stream()
            .filter(c -> c.addsUp().map(a -> a == Column.AddsUp.SUM).orElse(true))
            .toList();
    if (!anything && addingUp.size() == 1) {
      fitting = addingUp;
    }
    fitting = anything ? plain(fitting) : fitting;
    List<ColumnRef> columns = fitting.stream().map(c -> ColumnRef.of(table, c.name())).toList();
    return columns.size() > 3 ? List.of() : columns;
  }

  /** "weight" before "rejected weight", and what adds up before a price of each. */
  private static List<Column> plain(List<Column> numbers) {
    List<Column> unqualified =
        numbers.stream()
            .filter(
                c ->
                    numbers.stream()
                        .noneMatch(
                            o -> o != c && lower(c.label()).endsWith(" " + lower(o.label()))))
            .toList();
    List<Column> told =
        unqualified.stream()
            .filter(c -> c.addsUp().filter(a -> a == Column.AddsUp.NEVER).isEmpty())
            .toList();
    return told.isEmpty() ? unqualified : told;
  }

  private static String lower(String label) {
    return label.toLowerCase(Locale.ROOT);
  }

  /** Whether the table has a column of its own that goes by a name of the other one. */
  boolean hasNamesake(String table, ColumnRef other) {
    Set<String> names = namesOf(model.column(other));
    return !other.table().equals(table)
        && model.table(table).columns().stream()
            .anyMatch(c -> namesOf(c).stream().anyMatch(names::contains));
  }

  private static Set<String> namesOf(Column column) {
    return column.names().map(Tokens::plain).collect(Collectors.toSet());
  }

  /** Whether the column names rows of another table by the word that also names this one's. */
  boolean isNameOfOther(ColumnRef column, String table) {
    return !column.table().equals(table)
        && model.namesItsTable(column)
        && namingColumn(table).filter(own -> own.column().equals(column.column())).isPresent();
  }

  /**
   * The statistic that an author says a bare number column means: by how it adds up, or by the only
   * metric that is its average; empty where neither is said.
   */
  public Optional<Measure> meantByColumn(ColumnRef ref) {
    Column column = model.column(ref);
    return column.holds() != Column.Holds.NUMBER
        ? Optional.empty()
        : column
            .addsUp()
            .filter(a -> a == Column.AddsUp.SUM || a == Column.AddsUp.AVERAGE)
            .map(a -> a == Column.AddsUp.SUM ? Measure.Kind.SUM : Measure.Kind.AVERAGE)
            .<Measure>map(kind -> Measure.Statistic.of(kind, ref))
            .or(() -> averageOf(ref));
  }

  /** The only metric that is a column's average. */
  Optional<Measure> averageOf(ColumnRef ref) {
    List<Measure> averages =
        model.metrics().stream()
            .filter(m -> computed(m, "avg", false).equals(Optional.of(ref)))
            .<Measure>map(m -> new Measure.MetricValue(m.name()))
            .toList();
    return averages.size() == 1 ? Optional.of(averages.get(0)) : Optional.empty();
  }

  /** The column that a metric is the average of, over all rows. */
  Optional<ColumnRef> averagedBy(String metric) {
    return computed(model.metric(metric), "avg", false);
  }

  /** The column that a metric sums up, of all rows or of some. */
  Optional<ColumnRef> summedBy(String metric) {
    return computed(model.metric(metric), "sum", true);
  }

  /** Whether a column is among those that a metric is computed of. */
  boolean isComputedOf(String metric, ColumnRef column) {
    Metric of = model.metric(metric);
    return of.table().equals(Optional.of(column.table()))
        && uses(ExpressionParser.parse(of.sql()), column.column());
  }

  private static boolean uses(Expression expression, String column) {
    return expression instanceof Expression.NameUse use && use.name().equals(column)
        || expression.parts().stream().anyMatch(p -> uses(p, column));
  }

  /** The column that a metric is a function of, of all rows or, where it may, of some. */
  private Optional<ColumnRef> computed(Metric metric, String function, boolean ofSome) {
    Expression sql = ExpressionParser.parse(metric.sql());
    return metric
        .table()
        .filter(t -> sql instanceof Expression.Call)
        .flatMap(t -> argument((Expression.Call) sql, t, function, ofSome));
  }

  private Optional<ColumnRef> argument(
      Expression.Call call, String table, String function, boolean ofSome) {
    boolean fits =
        call.function().equals(function)
            && (ofSome || call.filter().isEmpty())
            && call.arguments().size() == 1;
    return fits
            && call.arguments().get(0) instanceof Expression.NameUse name
            && model.table(table).findColumn(name.name()).isPresent()
        ? Optional.of(ColumnRef.of(table, name.name()))
        : Optional.empty();
  }

  /** Whether rows of a table have names by which numbers can be broken down. */
  boolean haveNames(String table) {
    return namingColumn(table).filter(c -> !model.table(table).isId(model.column(c))).isPresent();
  }

  /** The unit of a measure, as far as it has one of its own. */
  public Optional<String> unitOf(Measure measure) {
    if (measure instanceof Measure.MetricValue metric) {
      return model.metric(metric.metric()).unit();
    }
    return measure instanceof Measure.Statistic statistic
        ? model.column(statistic.column()).unit()
        : Optional.empty();
  }

  /** The columns of a table that tell what its rows cost: money that is not added up. */
  public List<ColumnRef> pricesOf(String table) {
    return model.table(table).columns().stream()
        .filter(c -> c.holds() == Column.Holds.NUMBER && c.unit().filter(this::isMoney).isPresent())
        .filter(c -> c.addsUp().filter(a -> a != Column.AddsUp.SUM).isPresent())
        .map(c -> ColumnRef.of(table, c.name()))
        .toList();
  }

  /** Whether amounts in the unit are money. */
  boolean isMoney(String unit) {
    return dimensions.has(Dimensions.MONEY, unit);
  }

  /** Whether the measure is an amount of money. */
  public boolean isMoney(Measure measure) {
    return unitOf(measure).filter(this::isMoney).isPresent();
  }

  /** Whether each row that the measure is computed over has just one row of the column's table. */
  boolean always(Measure measure, ColumnRef column) {
    return MeasureTables.of(measure, model).stream()
        .allMatch(base -> !base.equals(column.table()) && always(base, column.table()));
  }

  /** What names the people at whom rows of the table point by the fewest links, or themselves. */
  List<ColumnRef> nearestPersons(String table) {
    Map<Integer, List<ColumnRef>> byLinks = new TreeMap<>();
    for (ColumnRef person : persons) {
      List<LinkPaths.Way> ways = paths.shortest(table, person.table(), person.role());
      if (model.namesItsTable(person) && ways.size() == 1) {
        byLinks.computeIfAbsent(ways.get(0).steps().size(), k -> new ArrayList<>()).add(person);
      }
    }
    return byLinks.isEmpty() ? List.of() : byLinks.values().iterator().next();
  }

  /** Whether each row of the one table has just one of the other, in one way. */
  public boolean always(String base, String other) {
    List<LinkPaths.Way> ways = paths.shortest(base, other, Optional.empty());
    return ways.size() == 1 && ways.get(0).steps().stream().noneMatch(s -> s.link().mayBeMissing());
  }

  /** The columns of a table that hold the numbers by which its rows are known. */
  public List<ColumnRef> idsOf(String table) {
    return model.table(table).columns().stream()
        .filter(model.table(table)::isId)
        .map(c -> ColumnRef.of(table, c.name()))
        .toList();
  }

  /** The only number of a table's rows that "longer than" and the like may measure. */
  Optional<ColumnRef> onlyMeasuredBy(String table, Meaning.MeasuredThanWord word) {
    List<ColumnRef> columns =
        word.dimensions().stream().flatMap(d -> measuredBy(table, d).stream()).distinct().toList();
    return columns.size() == 1 ? Optional.of(columns.get(0)) : Optional.empty();
  }
}
