package org.ropebridge.service.questions;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.log.LoggedQuestion;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What askers say of their answers, over REST. */
@RestController
@RequestMapping("/api/questions/{id}")
class VerdictController {
  private final Verdicts verdicts;
  private final CurrentAccount current;

  VerdictController(Verdicts verdicts, CurrentAccount current) {
    this.verdicts = verdicts;
    this.current = current;
  }

  /**
   * A verdict.
   *
   * @param part what is wrong; other, when left out
   * @param words what there is to say about it; may be left out
   */
  record VerdictRequest(
      @NotNull Boolean right, LoggedQuestion.Part part, @Size(max = 2000) String words) {}

  @Operation(summary = "Say whether an answer is right, and if not which part is wrong")
  @PutMapping("/verdict")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void judge(@PathVariable UUID id, @Valid @RequestBody VerdictRequest request) {
    verdicts.judge(
        current.get(),
        id,
        request.right(),
        request.part() == null ? LoggedQuestion.Part.OTHER : request.part(),
        request.words() == null ? "" : request.words().strip());
  }

  /** What to ask the author. */
  record ForAuthor(@NotBlank @Size(max = 2000) String words) {}

  @Operation(summary = "Ask the model's authors about a question")
  @PostMapping("/for-author")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void askAuthor(@PathVariable UUID id, @Valid @RequestBody ForAuthor request) {
    verdicts.askAuthor(current.get(), id, request.words().strip());
  }
}
