package org.ropebridge.service;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells who serves. */
@RestController
class StatusController {
  private static final String VERSION = "0.1.0";

  /** The service and its version. */
  record Status(String service, String version) {}

  @Operation(summary = "The service and its version")
  @GetMapping("/api/status")
  Status status() {
    return new Status("rope bridge", VERSION);
  }
}
