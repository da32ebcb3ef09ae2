package org.ropebridge.model.file;

/**
 * Something in a model's files that must be mended before the model can be published, or should be.
 *
 * @param severity whether it stands in the way of publishing
 * @param place where it is
 * @param message what is wrong, in a sentence
 * @param suggestion what to do, may be empty
 */
public record Fault(Severity severity, Place place, String message, String suggestion) {
  /** Whether a fault stands in the way. */
  public enum Severity {
    ERROR,
    WARNING
  }

  public static Fault error(Place place, String message, String suggestion) {
    return new Fault(Severity.ERROR, place, message, suggestion);
  }

  public static Fault warning(Place place, String message, String suggestion) {
    return new Fault(Severity.WARNING, place, message, suggestion);
  }

  @Override
  public String toString() {
    return place + " " + message + (suggestion.isEmpty() ? "" : " (" + suggestion + ")");
  }
}
