package org.ropebridge.rehearsal;

import java.util.List;
import java.util.Optional;

/**
 * How a question was answered by one state of a model.
 *
 * @param status of the reading: answered, partly, unclear or declined
 * @param restatement how it was read, empty when it was not
 * @param reason why it is not answered in full, empty when it is
 * @param sql the statement with its parameters filled in, empty without one
 * @param rows empty when nothing was computed
 * @param failure why the statement could not be run; empty when it could
 */
public record Performance(
    String status,
    String restatement,
    String reason,
    String sql,
    Optional<List<List<Object>>> rows,
    String failure) {

  public boolean isAnswered() {
    return status.equals("answered") && failure.isEmpty();
  }
}
