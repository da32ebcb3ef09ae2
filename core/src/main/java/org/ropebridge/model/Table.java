package org.ropebridge.model;

import java.util.List;
import java.util.Optional;

/**
 * A table of the warehouse with its business meaning.
 *
 * @param name identifier in the model
 * @param source name of the source it lives in
 * @param from {@code schema.table}, or empty when {@code query} is given
 * @param query a SELECT that stands for the table, or empty
 * @param about what a row is, may be empty
 * @param rowNoun what one row is called ("stay")
 * @param rowNounPlural its plural ("stays")
 * @param alsoCalled synonyms of the row noun, in the singular
 * @param key the column that identifies a row
 * @param mainDate the date that a period means when none is named
 * @param knownBy the column that names a row to people
 * @param columns in file order, computed ones last, hidden ones left out
 * @param hidden columns that expressions may use and people never see
 * @param links to rows of other tables
 * @param conditions named filters
 */
public record Table(
    String name,
    String source,
    String from,
    String query,
    String about,
    String rowNoun,
    String rowNounPlural,
    List<String> alsoCalled,
    String key,
    Optional<String> mainDate,
    Optional<String> knownBy,
    List<Column> columns,
    List<String> hidden,
    List<Link> links,
    List<Condition> conditions) {

  public Table {
    alsoCalled = List.copyOf(alsoCalled);
    columns = List.copyOf(columns);
    hidden = List.copyOf(hidden);
    links = List.copyOf(links);
    conditions = List.copyOf(conditions);
  }

  /**
   * The column of that name, also one that no file writes down: the age of a row's date in years,
   * {@code born_age} of {@code born}, how long it was from the row's own date to another, {@code
   * closed_duration} of {@code closed}, how late one date was for another or how long it came
   * after, {@code paid_late_for_due} and {@code paid_after_due} of {@code paid} and {@code due}, or
   * how far one number is above another, {@code spent_above_agreed}.
   */
  public Optional<Column> findColumn(String columnName) {
    return columns.stream()
        .filter(c -> c.name().equals(columnName))
        .findFirst()
        .or(() -> dateOfAge(columnName).map(date -> date.ageOf(rowNoun)))
        .or(() -> duration(columnName))
        .or(() -> after(columnName))
        .or(() -> overrun(columnName).map(span -> span.to().above(span.from())));
  }

  private Optional<Column> duration(String columnName) {
    return endOfDuration(columnName)
        .flatMap(end -> ownDate().map(start -> end.durationSince(start, rowNoun)));
  }

  private Optional<Column> after(String columnName) {
    return spanAfter(columnName).flatMap(span -> span.to().after(span.from(), columnName, rowNoun));
  }

  /**
   * The two numbers of which a column is the difference that no file writes down, from the one that
   * it is taken off; empty for any other column.
   */
  public Optional<Span> overrun(String columnName) {
    boolean written = columns.stream().anyMatch(c -> c.name().equals(columnName));
    List<Column> numbers = columns.stream().filter(c -> c.holds() == Column.Holds.NUMBER).toList();
    return written
        ? Optional.empty()
        : numbers.stream()
            .filter(to -> columnName.startsWith(to.name()))
            .flatMap(to -> numbers.stream().map(from -> new Span(from, to)))
            .filter(s -> s.to().nameAbove(s.from()).equals(columnName))
            .findFirst();
  }

  /** Two columns of a row, of which the other is counted from the one. */
  public record Span(Column from, Column to) {}

  /** The main date, where it is a column of this table. */
  public Optional<Column> ownDate() {
    return mainDate.flatMap(
        date -> columns.stream().filter(c -> c.name().equals(date)).findFirst());
  }

  /**
   * The dates between which a column counts that no file writes down: the rows' own date and
   * another, or the one on which they were due and that on which they were done; empty for any
   * other column.
   */
  public Optional<Span> span(String columnName) {
    return endOfDuration(columnName)
        .flatMap(end -> ownDate().map(start -> new Span(start, end)))
        .or(() -> spanAfter(columnName));
  }

  private Optional<Column> endOfDuration(String columnName) {
    return ownDate().isEmpty() ? Optional.empty() : dateBehind(columnName, Column.DURATION);
  }

  private Optional<Span> spanAfter(String columnName) {
    boolean written = columns.stream().anyMatch(c -> c.name().equals(columnName));
    List<Column> dates = columns.stream().filter(c -> c.holds().isTemporal()).toList();
    return written
        ? Optional.empty()
        : dates.stream()
            .filter(to -> columnName.startsWith(to.name()))
            .flatMap(to -> dates.stream().map(from -> new Span(from, to)))
            .filter(s -> s.to().after(s.from(), columnName, rowNoun).isPresent())
            .findFirst();
  }

  /** The date whose age a column is that no file writes down; empty for any other column. */
  public Optional<Column> dateOfAge(String columnName) {
    return dateBehind(columnName, Column.AGE);
  }

  private Optional<Column> dateBehind(String columnName, String ending) {
    boolean written = columns.stream().anyMatch(c -> c.name().equals(columnName));
    return written || !columnName.endsWith(ending)
        ? Optional.empty()
        : columns.stream()
            .filter(c -> columnName.equals(c.name() + ending) && c.holds().isTemporal())
            .findFirst();
  }

  /** Whether a column tells rows apart and measures nothing: an id, or a key that is a number. */
  public boolean isId(Column column) {
    return column.holds() == Column.Holds.ID
        || column.holds() == Column.Holds.NUMBER && column.name().equals(key);
  }

  /**
   * The column of that name.
   *
   * @throws IllegalArgumentException if the table has no such column that people may use
   */
  public Column column(String columnName) {
    return findColumn(columnName)
        .orElseThrow(() -> new IllegalArgumentException("no column " + columnName + " in " + name));
  }

  public Optional<Link> findLink(String linkName) {
    return links.stream().filter(l -> l.name().equals(linkName)).findFirst();
  }

  public Optional<Condition> findCondition(String conditionName) {
    return conditions.stream().filter(c -> c.name().equals(conditionName)).findFirst();
  }

  public Table withColumns(List<Column> newColumns) {
    return with(name, newColumns, links);
  }

  public Table withLinks(List<Link> newLinks) {
    return with(name, columns, newLinks);
  }

  /** The same table by another identifier. */
  public Table renamed(String newName) {
    return with(newName, columns, links);
  }

  private Table with(String newName, List<Column> newColumns, List<Link> newLinks) {
    return new Table(
        newName,
        source,
        from,
        query,
        about,
        rowNoun,
        rowNounPlural,
        alsoCalled,
        key,
        mainDate,
        knownBy,
        newColumns,
        hidden,
        newLinks,
        conditions);
  }
}
