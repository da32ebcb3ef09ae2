package org.ropebridge.model;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.model.expression.Functions;

/**
 * A column, or a computed expression over columns of the same table.
 *
 * @param name identifier; also the column's name in the warehouse unless computed
 * @param label what people call it
 * @param holds what kind of values it has
 * @param unit unit of a number, or empty
 * @param addsUp what a bare number column means when it is asked for
 * @param alsoCalled synonyms
 * @param values names of values and codes, may be empty
 * @param order natural order of a category's values, may be empty
 * @param sql expression of a computed column, or empty
 * @param timeZone the zone in which the warehouse keeps the column's times, {@link #STATED} when
 *     every value states its own; empty when times are kept as people read them
 */
public record Column(
    String name,
    String label,
    Holds holds,
    Optional<String> unit,
    Optional<AddsUp> addsUp,
    List<String> alsoCalled,
    List<ValueName> values,
    List<String> order,
    Optional<String> sql,
    Optional<String> timeZone) {
  /** The time zone of a column whose values each state their own. */
  public static final String STATED = "stated";

  /** What the name of a date ends with where its age is meant. */
  public static final String AGE = "_age";

  /** What the name of a date at which rows are over ends with where what lies before is meant. */
  public static final String DURATION = "_duration";

  /**
   * What stands between the names of two dates where it is meant how late one was for the other.
   */
  private static final String LATE_FOR = "_late_for_";

  /** What stands between the names of two dates where it is meant how long one came after. */
  private static final String AFTER = "_after_";

  /** What stands between the names of two numbers where it is meant how far one is above. */
  private static final String ABOVE = "_above_";

  public Column {
    alsoCalled = List.copyOf(alsoCalled);
    values = List.copyOf(values);
    order = List.copyOf(order);
  }

  /** How many whole years ago a date was, as a column of its own. */
  Column ageOf(String rowNoun) {
    return new Column(
        name + AGE,
        rowNoun + " age",
        Holds.NUMBER,
        Optional.of("years"),
        Optional.of(AddsUp.AVERAGE),
        List.of(),
        List.of(),
        List.of(),
        Optional.of(Functions.YEARS_SINCE + "(" + name + ")"),
        Optional.empty());
  }

  /**
   * How long it was from another date to this one, as a column of its own: in hours between two
   * times, and else in days.
   */
  Column durationSince(Column start, String rowNoun) {
    return since(start, name + DURATION, rowNoun + " duration");
  }

  /** The name of how late this date was for the one that it was due on. */
  public String nameLateFor(Column due) {
    return name + LATE_FOR + due.name();
  }

  /** The name of how long this date came after another. */
  public String nameAfter(Column other) {
    return name + AFTER + other.name();
  }

  /** The name of how far this number is above another. */
  public String nameAbove(Column other) {
    return name + ABOVE + other.name();
  }

  /**
   * How long this date came after another, as a column of its own: in hours between two times, and
   * else in days; empty for any other name.
   */
  Optional<Column> after(Column other, String called, String rowNoun) {
    if (called.equals(nameLateFor(other))) {
      return Optional.of(since(other, called, rowNoun + " delay"));
    }
    return called.equals(nameAfter(other))
        ? Optional.of(since(other, called, label + " after " + other.label()))
        : Optional.empty();
  }

  /** How far this number is above another, as a column of its own. */
  Column above(Column other) {
    return new Column(
        nameAbove(other),
        "overrun of " + other.label(),
        Holds.NUMBER,
        unit,
        addsUp,
        List.of(),
        List.of(),
        List.of(),
        Optional.of(name + " - " + other.name()),
        Optional.empty());
  }

  private Column since(Column start, String called, String newLabel) {
    boolean inHours = holds == Holds.TIME && start.holds() == Holds.TIME;
    return new Column(
        called,
        newLabel,
        Holds.NUMBER,
        Optional.of(inHours ? "hours" : "days"),
        Optional.of(AddsUp.AVERAGE),
        List.of(),
        List.of(),
        List.of(),
        Optional.of(
            inHours
                ? "extract(epoch from " + name + " - " + start.name() + ") / 3600"
                : "cast(" + name + " as date) - cast(" + start.name() + " as date)"),
        Optional.empty());
  }

  /** The same column by another label and other synonyms. */
  public Column called(String newLabel, List<String> newAlsoCalled) {
    return new Column(
        name, newLabel, holds, unit, addsUp, newAlsoCalled, values, order, sql, timeZone);
  }

  /** All that it goes by: its label, its name in files, its synonyms. */
  public Stream<String> names() {
    return Stream.concat(Stream.of(label, name), alsoCalled.stream());
  }

  /** What people call the stored value; the value itself when it has no other name. */
  public String nameOfValue(String stored) {
    return values.stream()
        .filter(v -> v.stored().equals(stored))
        .map(ValueName::name)
        .findFirst()
        .orElse(stored);
  }

  /** A stored value or code, what people call it, and its synonyms. */
  public record ValueName(String stored, String name, List<String> alsoCalled) {
    public ValueName {
      alsoCalled = List.copyOf(alsoCalled);
    }
  }

  /** What kind of values a column has. */
  public enum Holds {
    CATEGORY,
    NUMBER,
    DATE,
    TIME,
    TEXT,
    YES_NO,
    ID,
    LATITUDE,
    LONGITUDE,
    REGION,
    /** The shape of an area, as GeoJSON. */
    OUTLINE;

    /** Whether a period can be laid over it. */
    public boolean isTemporal() {
      return this == DATE || this == TIME;
    }
  }

  /** What happens to a number column over many rows when no statistic is named. */
  public enum AddsUp {
    SUM,
    AVERAGE,
    LAST,
    NEVER
  }
}
