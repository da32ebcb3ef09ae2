package org.ropebridge.sql;

/** What a plan asks for is not for this person; the message says what to ask instead. */
public final class NotAllowed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  NotAllowed(String message) {
    super(message);
  }
}
