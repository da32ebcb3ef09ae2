package org.ropebridge.service.threads;

/**
 * A question and how it was read.
 *
 * @param status answered, partly, unclear, declined, {@link #STARTED_AGAIN} or {@link #TOLD}
 * @param restatement empty where nothing could be computed
 */
public record Asked(String question, String status, String restatement, int edition) {
  /** The status of a question that begins the thread anew. */
  public static final String STARTED_AGAIN = "started_again";

  /** The status of an order that is no question: what to do instead was told. */
  public static final String TOLD = "told";
}
