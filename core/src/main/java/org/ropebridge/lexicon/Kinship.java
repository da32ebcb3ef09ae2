package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Labels;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.TimeUnit;

/** What a model's columns are about by the words that they are called. */
public final class Kinship {
  private final Model model;
  private final Vocabulary vocabulary;

  public Kinship(Model model, Vocabulary vocabulary) {
    this.model = model;
    this.vocabulary = vocabulary;
  }

  /**
   * The people who do what a metric tells, by its name: who sold the most, of sales and of reps who
   * are also called sellers.
   */
  public Map<String, ColumnRef> doers() {
    Map<String, ColumnRef> doers = new LinkedHashMap<>();
    for (Metric metric : model.metrics()) {
      Set<String> verbs =
          Stream.concat(Stream.of(metric.label()), metric.alsoCalled().stream())
              .flatMap(n -> vocabulary.verbOf(Tokens.plain(n)).stream())
              .collect(Collectors.toSet());
      List<ColumnRef> people =
          persons().stream()
              .filter(p -> model.isKnownBy(p))
              .filter(p -> names(model.table(p.table())).anyMatch(n -> isDoneBy(n, verbs)))
              .toList();
      if (people.size() == 1) {
        doers.put(metric.name(), people.get(0));
      }
    }
    return doers;
  }

  private boolean isDoneBy(String person, Set<String> verbs) {
    return vocabulary.deedOf(person).filter(verbs::contains).isPresent();
  }

  /** What a row of a table is called. */
  static Stream<String> names(Table table) {
    return Stream.concat(Stream.of(table.rowNoun()), table.alsoCalled().stream())
        .map(Tokens::plain);
  }

  /** Dates at which what a row stands for began to be. */
  public Set<ColumnRef> beginnings() {
    return called(vocabulary.lifeWords(), holds -> holds == Column.Holds.DATE);
  }

  /** Dates at which what a row stands for was over. */
  public Set<ColumnRef> ends() {
    Set<ColumnRef> ends = called(vocabulary.endWords(), Column.Holds::isTemporal);
    ends.removeAll(dues());
    return ends;
  }

  /** Dates at which something is to be done. */
  private Set<ColumnRef> dues() {
    return called(vocabulary.dueWords(), Column.Holds::isTemporal);
  }

  /**
   * How long after the date on which they were due rows were done, as columns that no file writes
   * down: of tables with just one such date and just one at which rows were done, where no number
   * tells it.
   */
  public Set<ColumnRef> delays() {
    Set<ColumnRef> dues = dues();
    Set<ColumnRef> ends = ends();
    Set<ColumnRef> told = called(vocabulary.delayWords(), holds -> holds == Column.Holds.NUMBER);
    Set<ColumnRef> found = new LinkedHashSet<>();
    for (Table table : model.tables()) {
      List<ColumnRef> due = dues.stream().filter(c -> c.table().equals(table.name())).toList();
      if (due.size() == 1 && told.stream().noneMatch(c -> c.table().equals(table.name()))) {
        done(table, due.get(0), ends)
            .map(done -> done.nameLateFor(model.column(due.get(0))))
            .ifPresent(name -> found.add(ColumnRef.of(table.name(), name)));
      }
    }
    return found;
  }

  /**
   * The same of tables where the author has no words of his own for what is late or on time, such
   * as a condition.
   */
  public Set<ColumnRef> unnamedDelays() {
    Set<String> words = new LinkedHashSet<>();
    List.of(Role.LATE, Role.ON_TIME, Role.EARLY)
        .forEach(role -> words.addAll(vocabulary.wordsOf(role)));
    Set<ColumnRef> unnamed = delays();
    unnamed.removeIf(
        delay -> {
          Table table = model.table(delay.table());
          Stream<String> flags =
              table.columns().stream()
                  .filter(c -> c.holds() == Column.Holds.YES_NO)
                  .flatMap(Column::names)
                  .map(Tokens::plain);
          return Stream.concat(conditions(table), flags).anyMatch(words::contains);
        });
    return unnamed;
  }

  /** The tables of which a condition of the author says what was done late: "paid late". */
  public Set<String> namedLate() {
    List<String> late = vocabulary.wordsOf(Role.LATE);
    return model.tables().stream()
        .filter(
            t ->
                conditions(t).anyMatch(name -> late.stream().anyMatch(w -> name.endsWith(" " + w))))
        .map(Table::name)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** All that the conditions of a table go by. */
  static Stream<String> conditions(Table table) {
    return table.conditions().stream().flatMap(Kinship::names);
  }

  /** All that a condition goes by. */
  static Stream<String> names(Condition condition) {
    return Stream.concat(Stream.of(condition.label()), condition.alsoCalled().stream())
        .map(Tokens::plain);
  }

  /**
   * How far numbers are above what they were to be, as columns that no file writes down: of tables
   * with just one number that is called planned or the like, and one other in its unit.
   */
  public Set<ColumnRef> overruns() {
    Set<String> words = new LinkedHashSet<>(vocabulary.targetWords());
    words.addAll(vocabulary.dueWords());
    Set<ColumnRef> planned = called(words, holds -> holds == Column.Holds.NUMBER);
    Set<ColumnRef> found = new LinkedHashSet<>();
    for (Table table : model.tables()) {
      List<ColumnRef> ofTable =
          planned.stream().filter(c -> c.table().equals(table.name())).toList();
      if (ofTable.size() == 1) {
        Column wanted = model.column(ofTable.get(0));
        List<Column> others =
            table.columns().stream()
                .filter(c -> c.holds() == Column.Holds.NUMBER && !c.name().equals(wanted.name()))
                .filter(c -> c.unit().isPresent() && c.unit().equals(wanted.unit()))
                .toList();
        if (others.size() == 1) {
          found.add(ColumnRef.of(table.name(), others.get(0).nameAbove(wanted)));
        }
      }
    }
    return found;
  }

  /** The only date at which rows that were due were over, or else their only other date. */
  private static Optional<Column> done(Table table, ColumnRef due, Set<ColumnRef> ends) {
    List<Column> others =
        table.columns().stream()
            .filter(c -> c.holds().isTemporal() && !c.name().equals(due.column()))
            .filter(c -> !table.mainDate().equals(Optional.of(c.name())))
            .toList();
    List<Column> over =
        others.stream().filter(c -> ends.contains(ColumnRef.of(table.name(), c.name()))).toList();
    return Stream.of(over, others).filter(c -> c.size() == 1).map(c -> c.get(0)).findFirst();
  }

  /**
   * How long rows took, as columns that no file writes down: from their own date to the only one at
   * which they were over, where no number tells it.
   */
  public Set<ColumnRef> durations() {
    Dimensions dimensions = new Dimensions(vocabulary.dimensions(), vocabulary.usualNames());
    Set<ColumnRef> ends = ends();
    // "hours worked" do not tell how long it took until the work was done.
    Set<ColumnRef> work = called(vocabulary.workWords(), holds -> holds == Column.Holds.NUMBER);
    Set<ColumnRef> found = new LinkedHashSet<>();
    for (Table table : model.tables()) {
      Optional<String> start = table.ownDate().map(Column::name);
      List<ColumnRef> ofTable =
          ends.stream()
              .filter(c -> c.table().equals(table.name()))
              .filter(c -> start.isPresent() && !start.get().equals(c.column()))
              .toList();
      boolean told =
          table.columns().stream()
              .anyMatch(
                  c ->
                      c.holds() == Column.Holds.NUMBER
                          && dimensions.measures(c, Dimensions.TIME)
                          && !work.contains(ColumnRef.of(table.name(), c.name())));
      if (ofTable.size() == 1 && !told) {
        found.add(ColumnRef.of(table.name(), ofTable.get(0).column() + Column.DURATION));
      }
    }
    return found;
  }

  /** The only metric that is called a cost, if there is one. */
  public Optional<String> cost() {
    List<String> costs =
        model.metrics().stream()
            .filter(m -> names(m).anyMatch(vocabulary.costWords()::contains))
            .map(Metric::name)
            .toList();
    return costs.size() == 1 ? Optional.of(costs.get(0)) : Optional.empty();
  }

  /** Metrics that say what another is to be: a "sales target", or a budget that is taken off. */
  public List<Target> targets() {
    List<Target> targets = new ArrayList<>();
    for (Metric metric : model.metrics()) {
      List<Target> found = differences(metric);
      found = found.isEmpty() ? namesakes(metric) : found;
      if (found.size() == 1) {
        targets.add(found.get(0));
      }
    }
    return targets;
  }

  /** By metrics of the author that take this one off another. */
  private List<Target> differences(Metric target) {
    boolean planned =
        names(target)
            .flatMap(n -> Stream.of(n.split(" ")))
            .anyMatch(vocabulary.targetWords()::contains);
    return model.metrics().stream()
        .filter(m -> planned)
        .flatMap(
            m ->
                taken(m, target.name()).stream()
                    .map(actual -> new Target(target.name(), actual, Optional.of(m.name()))))
        .toList();
  }

  /** What the other is taken off by a metric that is nothing but their difference. */
  private static Optional<String> taken(Metric metric, String other) {
    return metric.table().isEmpty()
            && ExpressionParser.parse(metric.sql()) instanceof Expression.Binary binary
            && binary.operator().equals("-")
            && binary.left() instanceof Expression.NameUse actual
            && binary.right() instanceof Expression.NameUse taken
            && taken.name().equals(other)
        ? Optional.of(actual.name())
        : Optional.empty();
  }

  /** "sales", of the "sales target", and "spending", of "planned spending". */
  private List<Target> namesakes(Metric target) {
    String label = Tokens.plain(target.label());
    return model.metrics().stream()
        .filter(m -> !m.name().equals(target.name()))
        .filter(
            m -> {
              String actual = Tokens.plain(m.label());
              return label.startsWith(actual + " ")
                  || vocabulary.targetWords().stream()
                      .anyMatch(w -> label.equals(w + " " + actual));
            })
        .map(m -> new Target(target.name(), m.name(), Optional.empty()))
        .toList();
  }

  /** Numbers that are so much in a unit of time: "monthly price". */
  public Map<ColumnRef, TimeUnit> paces() {
    Map<ColumnRef, TimeUnit> paces = new LinkedHashMap<>();
    for (Table table : model.tables()) {
      for (Column column : table.columns()) {
        if (column.holds() == Column.Holds.NUMBER) {
          Stream.of(Tokens.plain(column.label()).split(" "))
              .flatMap(word -> vocabulary.words().getOrDefault(word, List.of()).stream())
              .flatMap(m -> m instanceof Meaning.TimeUnitWord u ? Stream.of(u) : Stream.empty())
              .filter(Meaning.TimeUnitWord::adverb)
              .map(Meaning.TimeUnitWord::grouping)
              .findFirst()
              .ifPresent(unit -> paces.put(ColumnRef.of(table.name(), column.name()), unit));
        }
      }
    }
    return paces;
  }

  /** Categories that tell why: "reason for leaving". */
  public Set<ColumnRef> reasons() {
    return called(vocabulary.reasonWords(), holds -> holds == Column.Holds.CATEGORY);
  }

  /** Categories that tell how something was done: "sales channel". */
  public Set<ColumnRef> manners() {
    return called(vocabulary.mannerWords(), holds -> holds == Column.Holds.CATEGORY);
  }

  /** Numbers that count how often something was done to a row: "times reopened". */
  public Set<ColumnRef> repeats() {
    return columns(
        (table, column) ->
            column.holds() == Column.Holds.NUMBER
                && names(column)
                    .anyMatch(
                        n ->
                            vocabulary.repeatWords().stream()
                                .anyMatch(w -> n.startsWith(w + " "))));
  }

  /** Numbers that are years: "publication year". */
  public Set<ColumnRef> years() {
    Set<String> words = new LinkedHashSet<>();
    vocabulary
        .words()
        .forEach(
            (word, meanings) -> {
              if (meanings.stream().anyMatch(Kinship::isYear)) {
                words.add(word);
              }
            });
    return called(words, holds -> holds == Column.Holds.NUMBER).stream()
        .filter(c -> model.column(c).unit().isEmpty())
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private static boolean isYear(Meaning meaning) {
    return meaning instanceof Meaning.TimeUnitWord unit
        && unit.grouping() == TimeUnit.YEAR
        && !unit.adverb();
  }

  /** Columns of a kind with one of the words in a name. */
  private Set<ColumnRef> called(Set<String> words, Predicate<Column.Holds> kind) {
    return columns(
        (table, column) ->
            kind.test(column.holds())
                && names(column).flatMap(n -> Stream.of(n.split(" "))).anyMatch(words::contains));
  }

  /** Columns that hold people, and names of tables whose rows are people. */
  public Set<ColumnRef> persons() {
    return columns(
        (table, column) ->
            column.holds() == Column.Holds.CATEGORY
                && (names(column).anyMatch(this::isPerson)
                    || model.isKnownBy(ColumnRef.of(table.name(), column.name()))
                        && names(table).anyMatch(this::isPerson)));
  }

  /** Tables whose rows are people, with a name or without. */
  public Set<String> people() {
    return model.tables().stream()
        .filter(t -> names(t).anyMatch(this::isPerson))
        .map(Table::name)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Names of tables whose rows are people who work here. */
  public Set<ColumnRef> workers() {
    return columns(
        (table, column) ->
            model.isKnownBy(ColumnRef.of(table.name(), column.name()))
                && names(table).anyMatch(vocabulary.workerWords()::contains));
  }

  /** Columns that hold places, and names of tables whose rows are places. */
  public Set<ColumnRef> places() {
    return columns(
        (table, column) ->
            column.holds() == Column.Holds.CATEGORY
                && (names(column).anyMatch(this::isPlace)
                    || model.isKnownBy(ColumnRef.of(table.name(), column.name()))
                        && isPlace(Tokens.plain(table.rowNoun()))));
  }

  /** "home region". */
  private boolean isPlace(String name) {
    return vocabulary.placeWords().contains(name.substring(name.lastIndexOf(' ') + 1));
  }

  /** Roles, as {@code table.link}, from which something comes, beside one to which it goes. */
  public Set<String> origins() {
    return roles(vocabulary.originWords(), vocabulary.destinationWords());
  }

  /** Roles to which something goes, beside one from which it comes. */
  public Set<String> destinations() {
    return roles(vocabulary.destinationWords(), vocabulary.originWords());
  }

  private Set<String> roles(Set<String> words, Set<String> oppositeWords) {
    Set<String> found = new LinkedHashSet<>();
    for (Table table : model.tables()) {
      for (Link link : table.links()) {
        boolean hasOpposite =
            table.links().stream()
                .anyMatch(o -> o != link && o.to().equals(link.to()) && isOf(o, oppositeWords));
        if (isOf(link, words) && hasOpposite) {
          found.add(table.name() + "." + link.name());
        }
      }
    }
    return found;
  }

  private static boolean isOf(Link link, Set<String> words) {
    return Stream.concat(
            Stream.of(link.label(), Labels.ofName(link.name()), Labels.ofName(link.by())),
            link.alsoCalled().stream())
        .map(Tokens::plain)
        .flatMap(n -> Stream.of(n.split(" ")))
        .anyMatch(words::contains);
  }

  private boolean isPerson(String name) {
    String singular = vocabulary.singular(name);
    String[] words = singular.split(" ");
    // "regular passenger" is one, "kind of guest" is none.
    boolean compound = words.length == 2 && vocabulary.personWords().contains(words[1]);
    return vocabulary.personWords().contains(singular) || compound;
  }

  private static Stream<String> names(Metric metric) {
    return Stream.concat(Stream.of(metric.label()), metric.alsoCalled().stream())
        .map(Tokens::plain);
  }

  private static Stream<String> names(Column column) {
    return Stream.concat(
            Stream.of(column.label(), Labels.ofName(column.name())), column.alsoCalled().stream())
        .map(Tokens::plain);
  }

  private Set<ColumnRef> columns(BiPredicate<Table, Column> test) {
    Set<ColumnRef> found = new LinkedHashSet<>();
    for (Table table : model.tables()) {
      for (Column column : table.columns()) {
        if (test.test(table, column)) {
          found.add(ColumnRef.of(table.name(), column.name()));
        }
      }
    }
    return found;
  }
}
