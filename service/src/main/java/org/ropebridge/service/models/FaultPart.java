package org.ropebridge.service.models;

import java.util.Locale;
import org.ropebridge.model.file.Fault;

/** A fault of a model's files as REST tells it. */
public record FaultPart(
    String severity, String file, int line, int column, String message, String suggestion) {
  public static FaultPart of(Fault fault) {
    return new FaultPart(
        fault.severity().name().toLowerCase(Locale.ROOT),
        fault.place().file(),
        fault.place().line(),
        fault.place().column(),
        fault.message(),
        fault.suggestion());
  }
}
