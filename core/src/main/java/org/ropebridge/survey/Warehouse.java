package org.ropebridge.survey;

import java.util.List;

/**
 * Runs the statements of a survey. It is called by as many threads as statements may run at once.
 */
@FunctionalInterface
public interface Warehouse {
  /**
   * The rows of a statement.
   *
   * @param mostRows rows beyond these are not needed
   * @throws Refused if the warehouse refused the statement or took too long over it
   */
  List<List<Object>> rows(String sql, List<Object> parameters, int mostRows);

  /** The warehouse did not answer a statement; the survey goes on without it and says so. */
  final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Refused(String message, Throwable cause) {
      super(message, cause);
    }
  }
}
