package org.ropebridge.service.drafts;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ropebridge.model.change.Change;
import org.ropebridge.model.change.ModelChanges;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.rehearsal.Rehearsed;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.JobPart;
import org.ropebridge.service.models.EditionLine;
import org.ropebridge.service.models.FaultPart;
import org.ropebridge.service.models.ModelService;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Rehearsing, publishing and going back over REST; for authors and stewards. */
@RestController
@RequestMapping("/api")
@PreAuthorize("hasRole('AUTHOR')")
class PublishController {
  private final Drafts drafts;
  private final Rehearsals rehearsals;
  private final Publishing publishing;
  private final ModelService models;
  private final CurrentAccount current;

  PublishController(
      Drafts drafts,
      Rehearsals rehearsals,
      Publishing publishing,
      ModelService models,
      CurrentAccount current) {
    this.drafts = drafts;
    this.rehearsals = rehearsals;
    this.publishing = publishing;
    this.models = models;
    this.current = current;
  }

  /**
   * A rehearsal.
   *
   * @param job how far it is
   * @param revision of the draft that is rehearsed
   * @param edition that it is compared with, 0 for none or before it is done
   * @param broken how many questions are broken
   * @param questions what becomes of each; none before it is done
   */
  record RehearsalPart(
      JobPart job, long revision, int edition, long broken, List<Rehearsed> questions) {
    static RehearsalPart of(Job job) {
      return Rehearsals.result(job)
          .map(
              r ->
                  new RehearsalPart(
                      JobPart.of(job), r.revision(), r.edition(), r.broken(), r.questions()))
          .orElseGet(() -> new RehearsalPart(JobPart.of(job), job.revision(), 0, 0, List.of()));
    }
  }

  /**
   * What to publish.
   *
   * @param revision of the draft that the author has seen
   * @param overrule why it is published although something is broken; left out for not at all
   */
  record PublishRequest(
      long revision, @Size(max = 1000) String note, @Size(max = 1000) String overrule) {}

  /** A new edition. */
  record NewEdition(String model, int edition, List<FaultPart> warnings) {
    static NewEdition of(ModelService.Published published) {
      return new NewEdition(
          published.model(),
          published.edition(),
          published.warnings().stream().map(FaultPart::of).toList());
    }
  }

  @Operation(summary = "Start a rehearsal of a draft")
  @PostMapping("/models/{model}/rehearsals")
  @ResponseStatus(HttpStatus.ACCEPTED)
  RehearsalPart rehearse(@PathVariable String model) {
    return RehearsalPart.of(rehearsals.start(drafts.of(model), current.get()));
  }

  @Operation(summary = "See how far a rehearsal is and what it found")
  @GetMapping("/rehearsals/{id}")
  RehearsalPart rehearsal(@PathVariable UUID id) {
    return RehearsalPart.of(rehearsals.job(id));
  }

  @Operation(summary = "Stop a rehearsal")
  @DeleteMapping("/rehearsals/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable UUID id) {
    rehearsals.stop(id);
  }

  @Operation(summary = "See the newest rehearsal of a draft as it stands; none gives an empty list")
  @GetMapping("/models/{model}/rehearsals")
  List<RehearsalPart> newest(@PathVariable String model) {
    return rehearsals.newest(drafts.of(model)).map(RehearsalPart::of).stream().toList();
  }

  @Operation(summary = "Publish a draft as the next edition")
  @PostMapping("/models/{model}/editions")
  @ResponseStatus(HttpStatus.CREATED)
  NewEdition publish(@PathVariable String model, @Valid @RequestBody PublishRequest request) {
    return NewEdition.of(
        publishing.publish(
            model,
            request.revision(),
            request.note() == null ? "" : request.note(),
            request.overrule() == null ? "" : request.overrule(),
            current.get().name()));
  }

  @Operation(summary = "List the editions of a model, the newest first")
  @GetMapping("/models/{model}/editions")
  List<EditionLine> editions(@PathVariable String model) {
    return models.editions(model);
  }

  @Operation(summary = "Read the files of an edition")
  @GetMapping("/models/{model}/editions/{number}/files")
  Map<String, String> files(@PathVariable String model, @PathVariable int number) {
    return models.files(model, number).files();
  }

  @Operation(summary = "See what an edition changed for askers")
  @GetMapping("/models/{model}/editions/{number}/changes")
  List<Change> changes(@PathVariable String model, @PathVariable int number) {
    if (number <= 1) {
      return List.of();
    }
    return ModelChanges.between(
        ModelReader.read(models.files(model, number - 1).files()).model().orElseThrow(),
        ModelReader.read(models.files(model, number).files()).model().orElseThrow());
  }

  @Operation(summary = "Go back to an edition: its files become the next one")
  @PostMapping("/models/{model}/editions/{number}/back")
  @ResponseStatus(HttpStatus.CREATED)
  NewEdition back(@PathVariable String model, @PathVariable int number) {
    return NewEdition.of(publishing.back(model, number, current.get().name()));
  }
}
