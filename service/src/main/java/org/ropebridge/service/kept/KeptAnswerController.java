package org.ropebridge.service.kept;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.questions.AnswerPart;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Answers as they were, over REST. */
@RestController
@RequestMapping("/api")
class KeptAnswerController {
  private final KeptAnswers kept;
  private final CurrentAccount current;
  private final JsonMapper json;

  KeptAnswerController(KeptAnswers kept, CurrentAccount current, JsonMapper json) {
    this.kept = kept;
    this.current = current;
    this.json = json;
  }

  /**
   * What is to be kept.
   *
   * @param question the restatement of an answer
   */
  record KeepRequest(@NotBlank @Size(max = 20_000) String question) {}

  /** A kept answer, without what it says. */
  record KeptPart(UUID id, String model, String question, Instant keptAt) {
    static KeptPart of(KeptAnswer kept) {
      return new KeptPart(kept.id(), kept.modelName(), kept.question(), kept.keptAt());
    }
  }

  /**
   * An answer as it was.
   *
   * @param mine whether the person who opens it kept it
   */
  record OpenedPart(
      String model,
      String question,
      Instant keptAt,
      boolean mine,
      @Schema(implementation = AnswerPart.class) JsonNode answer) {}

  @Operation(
      summary = "Keep an answer as it is now",
      description = "Its link shows it, unchanged, to everybody who may see just the same data.")
  @PostMapping("/models/{model}/kept")
  @ResponseStatus(HttpStatus.CREATED)
  KeptPart keep(@PathVariable String model, @Valid @RequestBody KeepRequest request) {
    return KeptPart.of(kept.keep(current.get(), model, request.question()));
  }

  @Operation(summary = "Open an answer as it was")
  @GetMapping("/kept/{id}")
  OpenedPart open(@PathVariable UUID id) {
    KeptAnswer answer = kept.open(current.get(), id);
    return new OpenedPart(
        answer.modelName(),
        answer.question(),
        answer.keptAt(),
        answer.accountId().equals(current.get().id()),
        json.readTree(answer.answer()));
  }

  @Operation(summary = "List the answers that one has kept")
  @GetMapping("/me/kept")
  List<KeptPart> list() {
    return kept.of(current.get()).stream().map(KeptPart::of).toList();
  }

  @Operation(summary = "Delete an answer that one has kept")
  @DeleteMapping("/me/kept/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    kept.delete(current.get(), id);
  }
}
