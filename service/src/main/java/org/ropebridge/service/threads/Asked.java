package org.ropebridge.service.threads;

/**
 * A question and how it was read.
 *
 * @param status answered, partly, unclear, declined or {@link #STARTED_AGAIN}
 * @param restatement empty where nothing could be computed
 */
public record Asked(String question, String status, String restatement, int edition) {
  /** The status of a question that begins the thread anew. */
  public static final String STARTED_AGAIN = "started_again";
}
