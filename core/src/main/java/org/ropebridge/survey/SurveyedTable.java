package org.ropebridge.survey;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a table looks like.
 *
 * @param comment what its makers wrote about it, may be empty
 * @param isView whether it is computed from other tables
 * @param rows how many there are
 * @param estimated whether {@code rows} is the warehouse's own estimate
 * @param looked how many rows were looked at
 * @param keys columns that identify a row, the shortest first
 * @param steady of tables with one row for a thing and a day: the share of rows, by number column,
 *     whose number is that of the row before
 * @param untold what could not be looked at and why; empty when all was
 */
public record SurveyedTable(
    String schema,
    String name,
    String comment,
    boolean isView,
    long rows,
    boolean estimated,
    long looked,
    List<SurveyedColumn> columns,
    List<Key> keys,
    Map<String, Double> steady,
    List<String> untold) {

  public SurveyedTable {
    columns = List.copyOf(columns);
    keys = List.copyOf(keys);
    steady = Map.copyOf(steady);
    untold = List.copyOf(untold);
  }

  /** {@code schema.table}. */
  public String path() {
    return schema + "." + name;
  }

  public Optional<SurveyedColumn> findColumn(String column) {
    return columns.stream().filter(c -> c.name().equals(column)).findFirst();
  }

  /** Whether all rows were looked at. */
  public boolean wasSeenWhole() {
    return !estimated && looked == rows;
  }

  /** The first key of one column. */
  public Optional<Key> singleKey() {
    return keys.stream().filter(Key::hasOneColumn).findFirst();
  }

  SurveyedTable withKeys(List<Key> newKeys, Map<String, Double> newSteady) {
    return new SurveyedTable(
        schema, name, comment, isView, rows, estimated, looked, columns, newKeys, newSteady,
        untold);
  }
}
