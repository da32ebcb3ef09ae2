package org.ropebridge.upload;

/** A file, or what was said about it, from which no table can be made; says what to do. */
public final class Untakable extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public Untakable(String message) {
    super(message);
  }

  public Untakable(String message, Throwable cause) {
    super(message, cause);
  }
}
