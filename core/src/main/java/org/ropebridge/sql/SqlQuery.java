package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A statement that computes a plan.
 *
 * @param text with {@code ?} for each parameter
 * @param parameters values of the parameters in order; no value is null
 * @param readable the same statement with its parameters filled in, to paste into any client
 * @param columns of the result, in order: groupings, then measures
 * @param rowLimit most rows that are shown; the statement asks for one more, to know of the rest
 */
public record SqlQuery(
    String text,
    List<Object> parameters,
    String readable,
    List<OutputColumn> columns,
    int rowLimit) {
  public SqlQuery {
    parameters = Collections.unmodifiableList(new ArrayList<>(parameters));
    columns = List.copyOf(columns);
  }
}
