package org.ropebridge.service.problems;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that cannot be met, with a stable type and what to do next. */
public final class Problem extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final HttpStatus status;
  private final String type;
  private final transient Map<String, Object> more;

  public Problem(HttpStatus status, String type, String message) {
    this(status, type, message, Map.of());
  }

  /**
   * Makes a problem.
   *
   * @param type last part of the problem's URN; never changes once published
   * @param message one or two sentences for people
   * @param more further members of the document
   */
  public Problem(HttpStatus status, String type, String message, Map<String, Object> more) {
    super(message);
    this.status = status;
    this.type = type;
    this.more = more;
  }

  public static Problem notFound(String type, String message) {
    return new Problem(HttpStatus.NOT_FOUND, type, message);
  }

  public static Problem badRequest(String type, String message) {
    return new Problem(HttpStatus.BAD_REQUEST, type, message);
  }

  HttpStatus status() {
    return status;
  }

  /** The last part of the problem's URN. */
  public String type() {
    return type;
  }

  Map<String, Object> more() {
    return more;
  }
}
