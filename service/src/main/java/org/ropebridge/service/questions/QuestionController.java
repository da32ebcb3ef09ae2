package org.ropebridge.service.questions;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.sources.Running;
import org.ropebridge.service.threads.ThreadService;
import org.ropebridge.steering.Handles;
import org.ropebridge.steering.NextQuestions;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Questions over REST. */
@RestController
class QuestionController {
  private final Asking asking;
  private final CurrentAccount current;
  private final AnswerEvents events;
  private final Exports exports;

  QuestionController(Asking asking, CurrentAccount current, AnswerEvents events, Exports exports) {
    this.asking = asking;
    this.current = current;
    this.events = events;
    this.exports = exports;
  }

  /**
   * A question.
   *
   * @param explain whether to say how the reading came about; no, when left out
   * @param thread the thread to ask in; without one the question is not kept
   * @param byItself whether it is a whole question even if it could lean on the one before, as
   *     restatements are; no, when left out
   * @param chosenFor the logged question that was asked back, when this is what the person chose
   */
  record QuestionRequest(
      @NotNull @Size(max = 20_000) String question,
      Boolean explain,
      @Valid InThread thread,
      Boolean byItself,
      UUID chosenFor) {
    Asking.Question question(String model, Account account) {
      return new Asking.Question(
          model,
          question,
          account,
          Optional.ofNullable(thread).map(InThread::place),
          Boolean.TRUE.equals(byItself),
          Boolean.TRUE.equals(explain),
          Optional.ofNullable(chosenFor));
    }
  }

  /**
   * A place in a thread.
   *
   * @param id the thread; none begins a new one
   * @param after the turn that the question may lean on; none for the last one
   */
  record InThread(UUID id, UUID after) {
    ThreadService.Place place() {
      return new ThreadService.Place(Optional.ofNullable(id), Optional.ofNullable(after));
    }
  }

  @Operation(summary = "Read a question without computing anything")
  @PostMapping("/api/models/{model}/read")
  AnswerPart read(@PathVariable String model, @Valid @RequestBody QuestionRequest request) {
    return asking.read(request.question(model, current.get()));
  }

  @Operation(summary = "Answer a question")
  @PostMapping("/api/models/{model}/ask")
  AnswerPart ask(@PathVariable String model, @Valid @RequestBody QuestionRequest request) {
    return asking.ask(request.question(model, current.get()), new Running(), reading -> {});
  }

  @Operation(
      summary = "Answer a question, telling how far it has come",
      description =
          "Sends the events reading (how the question was read, before anything is computed),"
              + " progress (every half second), and at the end answer or problem. Closing the"
              + " connection stops the question, also in the warehouse.")
  @PostMapping(
      path = "/api/models/{model}/ask/events",
      produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter askWithEvents(
      @PathVariable String model, @Valid @RequestBody QuestionRequest request) {
    Asking.Question question = request.question(model, current.get());
    return events.of((running, reading) -> asking.ask(question, running, reading));
  }

  @Operation(
      summary = "All rows of an answer as a file",
      description =
          "In the format that the Accept header names: text/csv (RFC 4180), application/json (an"
              + " array of objects), XLSX, or Apache Parquet. In CSV, text that spreadsheets would run as a"
              + " formula gets an apostrophe in front.")
  @PostMapping(
      path = "/api/models/{model}/rows",
      produces = {
        "text/csv",
        MediaType.APPLICATION_JSON_VALUE,
        "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
        "application/vnd.apache.parquet"
      })
  void rows(
      @PathVariable String model,
      @Valid @RequestBody QuestionRequest request,
      @RequestHeader(name = HttpHeaders.ACCEPT, defaultValue = "text/csv") String accept,
      HttpServletResponse response)
      throws IOException {
    Exports.Format format =
        Exports.Format.of(MediaType.parseMediaTypes(accept)).orElse(Exports.Format.CSV);
    Exports.Table table = asking.rows(request.question(model, current.get()));
    response.setContentType(format.type().toString());
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        ContentDisposition.attachment().filename(table.fileName(format)).build().toString());
    exports.write(table, format, response.getOutputStream());
  }

  /**
   * A part of a question.
   *
   * @param part its place among the answer's parts; null for what could be added
   * @param words a part of what the options are called; left out for the first of all
   */
  record PartRequest(
      @NotNull @Size(max = 20_000) String question,
      @Min(0) Integer part,
      @Size(max = 200) String words) {}

  @Operation(
      summary = "What a part of a question could be instead, or what could be added to it",
      description = "The question is the restatement of an answer. Asking an option chooses it.")
  @PostMapping("/api/models/{model}/options")
  List<Handles.Option> options(
      @PathVariable String model, @Valid @RequestBody PartRequest request) {
    return asking.options(
        byItself(model, request.question()),
        Optional.ofNullable(request.part()),
        Optional.ofNullable(request.words()).orElse(""));
  }

  /**
   * A row of an answer.
   *
   * @param question the restatement of the answer
   * @param only follow-ups that keep to the groups of the row: {@code only for valley "Ossel"}
   */
  record RowRequest(
      @NotNull @Size(max = 20_000) String question,
      @NotNull @Size(max = 3) List<@NotNull @Size(max = 1_000) String> only) {}

  @Operation(
      summary = "Questions that list the rows behind one row of an answer",
      description = "One for each table that its numbers are computed over.")
  @PostMapping("/api/models/{model}/behind")
  List<NextQuestions.Next> behind(
      @PathVariable String model, @Valid @RequestBody RowRequest request) {
    return asking.behind(byItself(model, request.question()), request.only());
  }

  private Asking.Question byItself(String model, String question) {
    return new Asking.Question(
        model, question, current.get(), Optional.empty(), true, false, Optional.empty());
  }

  @Operation(
      summary = "Read a question that is still being typed, and complete it",
      description = "Reading takes a millisecond; completions take ten times as long.")
  @PostMapping("/api/models/{model}/typing")
  TypingPart typing(
      @PathVariable String model,
      @Parameter(description = "Whether to say what the question may become")
          @RequestParam(defaultValue = "true")
          boolean completions,
      @Valid @RequestBody QuestionRequest request) {
    return asking.typing(request.question(model, current.get()), completions);
  }

  @Operation(summary = "Answer a question of a thread anew, over today's data")
  @PostMapping("/api/threads/{thread}/turns/{turn}/ask")
  AnswerPart askAgain(@PathVariable UUID thread, @PathVariable UUID turn) {
    return asking.askAgain(current.get(), thread, turn);
  }
}
