package org.ropebridge.service.models;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import java.util.List;
import java.util.Map;
import org.ropebridge.model.file.FileShapes;
import org.ropebridge.service.accounts.CurrentAccount;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Models over REST. */
@RestController
@RequestMapping("/api")
class ModelController {
  private final ModelService models;
  private final Engines engines;
  private final CurrentAccount current;

  ModelController(ModelService models, Engines engines, CurrentAccount current) {
    this.models = models;
    this.engines = engines;
    this.current = current;
  }

  /** The files of a model, text by path. */
  record FilesRequest(@NotEmpty Map<String, String> files) {}

  /** What a check found. */
  record CheckedPart(boolean publishable, String model, List<FaultPart> faults) {}

  /** A model in a list. */
  record ModelLine(String name, String title, String about, int edition) {}

  @Operation(summary = "List models")
  @GetMapping("/models")
  List<ModelLine> list() {
    return models.published().stream()
        .filter(name -> !name.equals(ModelService.USAGE))
        .map(
            name -> {
              Engine engine = engines.of(name, current.get().person());
              return new ModelLine(
                  name,
                  engine.access().visible().title(),
                  engine.access().visible().about(),
                  engine.edition());
            })
        .toList();
  }

  @Operation(summary = "Explain a model, as far as you may see it")
  @GetMapping("/models/{name}")
  ModelPage show(@PathVariable String name) {
    return ModelPage.of(engines.of(name, current.get().person()), models.newest(name));
  }

  @Operation(summary = "Check a model's files without keeping them")
  @PostMapping("/models/check")
  @PreAuthorize("hasRole('AUTHOR')")
  CheckedPart check(@Valid @RequestBody FilesRequest request) {
    ModelService.Checked checked = models.check(ModelService.limited(request.files()));
    return new CheckedPart(
        checked.publishable(),
        checked.name(),
        checked.faults().stream().map(FaultPart::of).toList());
  }

  @Operation(summary = "JSON Schemas of the model files")
  @GetMapping("/schemas")
  Map<String, Map<String, Object>> schemas() {
    return FileShapes.schemas();
  }
}
