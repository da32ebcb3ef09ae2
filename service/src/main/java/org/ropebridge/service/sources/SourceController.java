package org.ropebridge.service.sources;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sources over REST; for authors and stewards. */
@RestController
@RequestMapping("/api/sources")
@PreAuthorize("hasRole('AUTHOR')")
class SourceController {
  private final Warehouses warehouses;

  SourceController(Warehouses warehouses) {
    this.warehouses = warehouses;
  }

  /** Where a source is and how to sign in there. */
  record SourceRequest(
      @NotBlank String kind,
      @NotBlank @Size(max = 400) String url,
      @NotBlank @Size(max = 120) String userName,
      @NotBlank @Size(max = 400) String password) {}

  @Operation(summary = "List sources")
  @GetMapping
  List<Warehouses.Described> list() {
    return warehouses.list();
  }

  @Operation(summary = "Add a source, or change where it is")
  @PutMapping("/{name}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(
      @PathVariable @Pattern(regexp = "[a-z][a-z0-9_]{0,79}") String name,
      @Valid @RequestBody SourceRequest request) {
    warehouses.put(name, request.kind(), request.url(), request.userName(), request.password());
  }

  /**
   * A role that may make tables.
   *
   * @param schema where; {@code uploads} when left out
   */
  record UploadsRequest(
      @NotBlank @Size(max = 120) String userName,
      @NotBlank @Size(max = 400) String password,
      @Pattern(regexp = "[a-z][a-z0-9_]{0,59}") String schema) {}

  @Operation(summary = "Let authors bring files to a source, by a role that may make tables")
  @PutMapping("/{name}/uploads-role")
  @PreAuthorize("hasRole('STEWARD')")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putUploads(@PathVariable String name, @Valid @RequestBody UploadsRequest request) {
    warehouses.putUploads(
        name,
        request.userName(),
        request.password(),
        request.schema() == null ? "uploads" : request.schema());
  }

  @Operation(summary = "Try to connect to a source")
  @PostMapping("/{name}/test")
  Warehouses.Tried test(@PathVariable String name) {
    return warehouses.test(name);
  }
}
