package org.ropebridge.service.questions;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.sources.Running;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Questions over REST. */
@RestController
@RequestMapping("/api/models/{model}")
class QuestionController {
  private final Asking asking;
  private final CurrentAccount current;
  private final AnswerEvents events;

  QuestionController(Asking asking, CurrentAccount current, AnswerEvents events) {
    this.asking = asking;
    this.current = current;
    this.events = events;
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
    return ask(model, request, current.get(), new Running(), reading -> {});
  }

  @Operation(
      summary = "Answer a question, telling how far it has come",
      description =
          "Sends the events reading (how the question was read, before anything is computed),"
              + " progress (every half second), and at the end answer or problem. Closing the"
              + " connection stops the question, also in the warehouse.")
  @PostMapping(path = "/ask/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter askWithEvents(
      @PathVariable String model, @Valid @RequestBody QuestionRequest request) {
    Account account = current.get();
    return events.of((running, reading) -> ask(model, request, account, running, reading));
  }

  private AnswerPart ask(
      String model,
      QuestionRequest request,
      Account account,
      Running running,
      Consumer<Supplier<AnswerPart>> reading) {
    return asking.ask(
        model,
        request.question(),
        account.person(),
        account.name(),
        request.wantsExplanation(),
        running,
        reading);
  }
}
