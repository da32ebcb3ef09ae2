package org.ropebridge.service.gaps;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.JobPart;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.service.problems.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Gaps over REST; for authors. */
@RestController
@RequestMapping("/api")
@PreAuthorize("hasRole('AUTHOR')")
class GapController {
  private static final int DAYS = 90;
  private static final int MOST_LISTED = 200;

  private final GapService gaps;
  private final Mends mends;
  private final CurrentAccount current;

  GapController(GapService gaps, Mends mends, CurrentAccount current) {
    this.gaps = gaps;
    this.mends = mends;
    this.current = current;
  }

  @Operation(summary = "List what people asked about a model and did not get, by cause")
  @GetMapping("/models/{model}/gaps")
  List<GapService.GapPart> list(
      @PathVariable String model, @RequestParam(defaultValue = "90") @Min(1) @Max(3650) int days) {
    Account account = current.get();
    return gaps.find(model, days).stream()
        .limit(MOST_LISTED)
        .map(f -> gaps.part(f, model, account))
        .toList();
  }

  /**
   * A decision about a gap.
   *
   * @param assignedTo who looks after it; nobody when left out
   * @param until when a gap that is put off comes back; null for never by itself
   */
  record DecisionRequest(
      @NotBlank @Size(max = 2000) String key,
      @NotNull GapState.State state,
      @Size(max = 80) String assignedTo,
      @Size(max = 1000) String note,
      LocalDate until) {}

  @Operation(summary = "Assign a gap, put it off, leave it, or open it again")
  @PutMapping("/models/{model}/gaps/decision")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void decide(@PathVariable String model, @Valid @RequestBody DecisionRequest request) {
    gaps.find(model, request.key(), DAYS);
    boolean says = request.note() != null && !request.note().isBlank();
    if (request.state() == GapState.State.NOT_IN_DATA && !says) {
      throw Problem.badRequest(
          "sentence-missing", "Say in the note what people who ask for it are to be told.");
    }
    gaps.decide(
        model,
        request.key(),
        new GapService.Decision(
            request.state(),
            request.assignedTo() == null ? "" : request.assignedTo(),
            request.note() == null ? "" : request.note(),
            request.until()),
        current.get().name());
  }

  /** One edit of the draft's files. */
  record MendEdit(@NotBlank String file, @NotNull List<String> path, Object value) {}

  /**
   * A mend.
   *
   * @param revision the draft's, as it was seen
   * @param edits may be empty for a mend that the draft has already
   * @param keep whether it is made in the draft; else it is only tried
   */
  record MendRequest(
      @NotBlank @Size(max = 2000) String key,
      long revision,
      @NotNull List<@Valid MendEdit> edits,
      boolean keep) {}

  /** A mend: how far its questions are read anew, and what came of it; null before that. */
  record MendPart(JobPart job, Mends.Mended mended) {
    static MendPart of(Job job) {
      return new MendPart(
          JobPart.of(job),
          job.state() == Job.State.DONE ? Jobs.result(job, Mends.Mended.class) : null);
    }
  }

  @Operation(summary = "Try a mend of a gap, or make it in the draft, and read its questions anew")
  @PostMapping("/models/{model}/gaps/mend")
  @ResponseStatus(HttpStatus.ACCEPTED)
  MendPart mend(@PathVariable String model, @Valid @RequestBody MendRequest request) {
    List<FileEdit> edits = new ArrayList<>();
    request.edits().forEach(e -> edits.add(FileEdit.set(e.file(), e.path(), e.value())));
    return MendPart.of(
        mends.mend(
            model, request.key(), DAYS, edits, request.revision(), request.keep(), current.get()));
  }

  @Operation(summary = "See what a mend does")
  @GetMapping("/mends/{id}")
  MendPart show(@PathVariable UUID id) {
    return MendPart.of(mends.job(id));
  }
}
