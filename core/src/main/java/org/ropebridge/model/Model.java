package org.ropebridge.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A semantic model: the tables, metrics, names and sample questions of one subject.
 *
 * @param name identifier of the model
 * @param title what people call it
 * @param about one or two sentences, may be empty
 * @param languages language tags in order of preference, never empty
 * @param calendar what "today", "week" and "business year" mean here
 * @param sources the warehouses that its tables live in, by name
 * @param preferences the author's choices where a question leaves something open
 * @param tables in file order
 * @param metrics in file order
 * @param questions sample questions in file order
 * @param access rules on who may see what
 * @param occasions named stretches of time
 */
public record Model(
    String name,
    String title,
    String about,
    List<String> languages,
    BusinessCalendar calendar,
    Map<String, Source> sources,
    Preferences preferences,
    List<Table> tables,
    List<Metric> metrics,
    List<SampleQuestion> questions,
    List<AccessRule> access,
    List<Occasion> occasions) {

  public Model {
    languages = List.copyOf(languages);
    sources = Map.copyOf(sources);
    tables = List.copyOf(tables);
    metrics = List.copyOf(metrics);
    questions = List.copyOf(questions);
    access = List.copyOf(access);
    occasions = List.copyOf(occasions);
  }

  /** A warehouse by the kind of its SQL, such as {@code postgresql}. */
  public record Source(String name, String kind) {}

  public Optional<Table> findTable(String tableName) {
    return tables.stream().filter(t -> t.name().equals(tableName)).findFirst();
  }

  /**
   * The table of that name.
   *
   * @throws IllegalArgumentException if the model has no such table
   */
  public Table table(String tableName) {
    return findTable(tableName)
        .orElseThrow(() -> new IllegalArgumentException("no table " + tableName + " in " + name));
  }

  public Optional<Metric> findMetric(String metricName) {
    return metrics.stream().filter(m -> m.name().equals(metricName)).findFirst();
  }

  /**
   * The metric of that name.
   *
   * @throws IllegalArgumentException if the model has no such metric
   */
  public Metric metric(String metricName) {
    return findMetric(metricName)
        .orElseThrow(() -> new IllegalArgumentException("no metric " + metricName + " in " + name));
  }

  /**
   * The column that a reference points at.
   *
   * @throws IllegalArgumentException if there is none
   */
  public Column column(ColumnRef ref) {
    return table(ref.table()).column(ref.column());
  }

  /**
   * The column by which people name a row of a table: what it is known by, or else its key, as far
   * as that is a column for people. Empty where there is none, or none to see.
   */
  public Optional<ColumnRef> namingColumn(String tableName) {
    Table table = table(tableName);
    return Optional.of(table.knownBy().orElse(table.key()))
        .filter(k -> table.findColumn(k).isPresent())
        .map(k -> ColumnRef.of(tableName, k));
  }

  /** Whether the author says that rows of its table are known by the column. */
  public boolean isKnownBy(ColumnRef ref) {
    return table(ref.table()).knownBy().equals(Optional.of(ref.column()));
  }

  /** Whether the column is the one by which people name a row of its table. */
  public boolean namesItsTable(ColumnRef ref) {
    return namingColumn(ref.table()).filter(ref.withoutRole()::equals).isPresent();
  }

  /**
   * The table that has the link of a role given as {@code table.link}.
   *
   * @throws IllegalArgumentException if there is no such table
   */
  public Table tableOfRole(String role) {
    return table(role.substring(0, role.indexOf('.')));
  }

  /**
   * The link of a role given as {@code table.link}.
   *
   * @throws IllegalArgumentException if there is no such link
   */
  public Link linkOfRole(String role) {
    return tableOfRole(role)
        .findLink(role.substring(role.indexOf('.') + 1))
        .orElseThrow(() -> new IllegalArgumentException("no link " + role + " in " + name));
  }

  public Model withTables(List<Table> newTables) {
    return new Model(
        name,
        title,
        about,
        languages,
        calendar,
        sources,
        preferences,
        newTables,
        metrics,
        questions,
        access,
        occasions);
  }

  public Model withQuestions(List<SampleQuestion> newQuestions) {
    return new Model(
        name,
        title,
        about,
        languages,
        calendar,
        sources,
        preferences,
        tables,
        metrics,
        newQuestions,
        access,
        occasions);
  }

  public Model withMetrics(List<Metric> newMetrics) {
    return new Model(
        name,
        title,
        about,
        languages,
        calendar,
        sources,
        preferences,
        tables,
        newMetrics,
        questions,
        access,
        occasions);
  }

  public Model withPreferences(Preferences newPreferences) {
    return new Model(
        name,
        title,
        about,
        languages,
        calendar,
        sources,
        newPreferences,
        tables,
        metrics,
        questions,
        access,
        occasions);
  }
}
