package org.ropebridge.service.log;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.ropebridge.service.accounts.CurrentAccount;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The log of questions over REST: one's own for everybody, all of a model for its authors. */
@RestController
@RequestMapping("/api")
class LogController {
  private static final int MOST_LISTED = 2_000;
  private static final int SHORT_PSEUDONYM = 6;

  private final QuestionLog log;
  private final CurrentAccount current;

  LogController(QuestionLog log, CurrentAccount current) {
    this.log = log;
    this.current = current;
  }

  /**
   * A question of the log.
   *
   * @param person a pseudonym that is the same for all questions of a person; empty when the log
   *     does not tell
   * @param leansOn the question before, when it leans on it
   * @param verdict right, wrong, or empty
   * @param forAuthor whether the person asked the author about it
   */
  record LoggedPart(
      UUID id,
      String model,
      int edition,
      Instant askedAt,
      String person,
      String question,
      String leansOn,
      String status,
      String restatement,
      List<String> unread,
      List<String> choices,
      String chosen,
      double milliseconds,
      int rows,
      String verdict,
      String verdictPart,
      String verdictWords,
      boolean forAuthor) {
    static LoggedPart of(LoggedQuestion q) {
      String person =
          q.person().length() > SHORT_PSEUDONYM
              ? q.person().substring(0, SHORT_PSEUDONYM)
              : q.person();
      return new LoggedPart(
          q.id(),
          q.modelName(),
          q.edition(),
          q.askedAt(),
          person,
          q.question(),
          q.leansOn(),
          q.status(),
          q.restatement(),
          q.unread(),
          q.choices(),
          q.chosen(),
          q.milliseconds(),
          q.rowCount(),
          q.verdict().toLowerCase(Locale.ROOT),
          q.verdictPart().toLowerCase(Locale.ROOT),
          q.verdictWords(),
          q.isForAuthor());
    }
  }

  @Operation(summary = "See what the log keeps of one's own questions")
  @GetMapping("/me/questions")
  List<LoggedPart> own() {
    return log.own(current.get()).stream().map(LoggedPart::of).toList();
  }

  @Operation(summary = "Delete a question of one's own from the log")
  @DeleteMapping("/me/questions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    log.delete(current.get(), id);
  }

  /** How many questions were deleted. */
  record Deleted(int questions) {}

  @Operation(summary = "Delete all that is kept of one's own questions: log, threads and news")
  @DeleteMapping("/me/questions")
  Deleted deleteAll() {
    return new Deleted(log.deleteAll(current.get()));
  }

  @Operation(summary = "List the newest questions about a model; for authors")
  @GetMapping("/models/{model}/log")
  @PreAuthorize("hasRole('AUTHOR')")
  List<LoggedPart> list(
      @PathVariable String model, @RequestParam(defaultValue = "30") @Min(1) @Max(3650) int days) {
    return log.since(model, Instant.now().minus(Duration.ofDays(days)), MOST_LISTED).stream()
        .map(LoggedPart::of)
        .toList();
  }

  /** What a steward decided about the log. */
  record RulesPart(LogRules.People people, int keepDays, String changedBy, Instant changedAt) {
    static RulesPart of(LogRules rules) {
      return new RulesPart(rules.people(), rules.keepDays(), rules.changedBy(), rules.changedAt());
    }
  }

  /** Rules for the log. */
  record RulesRequest(@NotNull LogRules.People people, @Min(1) @Max(3650) int keepDays) {}

  @Operation(summary = "See how the log tells who asked, and how long questions are kept")
  @GetMapping("/log/rules")
  RulesPart rules() {
    return RulesPart.of(log.rules());
  }

  @Operation(summary = "Decide how the log tells who asked, and how long questions are kept")
  @PutMapping("/log/rules")
  @PreAuthorize("hasRole('STEWARD')")
  RulesPart change(@Valid @RequestBody RulesRequest request) {
    return RulesPart.of(log.change(request.people(), request.keepDays(), current.get().name()));
  }

  /** A question that is answered now. */
  record NewsPart(UUID id, String model, String question, int edition, Instant toldAt) {}

  @Operation(summary = "See which of one's own questions can be answered now")
  @GetMapping("/me/news")
  List<NewsPart> news() {
    return log.news(current.get()).stream()
        .map(n -> new NewsPart(n.id(), n.modelName(), n.question(), n.edition(), n.toldAt()))
        .toList();
  }

  @Operation(summary = "Put news away")
  @DeleteMapping("/me/news/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID id) {
    log.forgetNews(current.get(), id);
  }
}
