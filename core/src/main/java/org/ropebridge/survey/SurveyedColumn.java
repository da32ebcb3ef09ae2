package org.ropebridge.survey;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.sql.SurveySql.Kind;

/**
 * What a column looks like in the rows that were looked at.
 *
 * @param type as the warehouse names it
 * @param comment what its makers wrote about it, may be empty
 * @param neverMissing whether the warehouse refuses rows without a value
 * @param looked rows that were looked at
 * @param present of these, rows with a value
 * @param distinct different values; 0 where they are not compared
 * @param lowest as text, empty when there is none
 * @param highest as text, empty when there is none
 * @param mean of numbers; of texts their mean length in characters; empty when there is none
 * @param frequent the most frequent values, the most frequent first
 * @param spread rows in each of ten equal parts from the lowest to the highest; empty when it was
 *     not measured
 * @param gaps months without a date between the first and the last
 * @param alike values that differ only in case, spaces, accents or marks
 * @param remarks what an author should know
 */
public record SurveyedColumn(
    String name,
    String type,
    Kind kind,
    String comment,
    boolean neverMissing,
    long looked,
    long present,
    long distinct,
    String lowest,
    String highest,
    Optional<Double> mean,
    List<Frequent> frequent,
    List<Long> spread,
    List<LocalDate> gaps,
    List<List<String>> alike,
    Set<Remark> remarks) {

  public SurveyedColumn {
    frequent = List.copyOf(frequent);
    spread = List.copyOf(spread);
    gaps = List.copyOf(gaps);
    alike = alike.stream().map(List::copyOf).toList();
    remarks = Set.copyOf(remarks);
  }

  /** A value and the rows that have it. */
  public record Frequent(String value, long rows) {}

  public boolean has(Remark remark) {
    return remarks.contains(remark);
  }

  /** The share of rows without a value, from 0 to 1. */
  public double missingShare() {
    return looked == 0 ? 0 : 1 - (double) present / looked;
  }

  /** Whether no value came twice in the rows that were looked at. */
  public boolean neverRepeats() {
    return present > 0 && distinct == present;
  }
}
