package org.ropebridge.service.questions;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.ropebridge.service.accounts.CurrentAccount;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Questions over REST. */
@RestController
@RequestMapping("/api/models/{model}")
class QuestionController {
  private final Asking asking;
  private final CurrentAccount current;

  QuestionController(Asking asking, CurrentAccount current) {
    this.asking = asking;
    this.current = current;
  }

  /**
   * A question.
   *
   * @param explain whether to say how the reading came about; no, when left out
   */
  record QuestionRequest(@NotNull @Size(max = 20_000) String question, Boolean explain) {
    boolean wantsExplanation() {
      return Boolean.TRUE.equals(explain);
    }
  }

  @Operation(summary = "Read a question without computing anything")
  @PostMapping("/read")
  AnswerPart read(@PathVariable String model, @Valid @RequestBody QuestionRequest request) {
    return asking.read(
        model, request.question(), current.get().person(), request.wantsExplanation());
  }

  @Operation(summary = "Answer a question")
  @PostMapping("/ask")
  AnswerPart ask(@PathVariable String model, @Valid @RequestBody QuestionRequest request) {
    return asking.ask(
        model, request.question(), current.get().person(), request.wantsExplanation());
  }
}
