package org.ropebridge.service.threads;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.ropebridge.service.accounts.CurrentAccount;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Threads over REST. */
@RestController
class ThreadController {
  private final ThreadService threads;
  private final CurrentAccount current;

  ThreadController(ThreadService threads, CurrentAccount current) {
    this.threads = threads;
    this.current = current;
  }

  /** A new name for a thread. */
  record ThreadName(@NotBlank @Size(max = QuestionThread.LONGEST_TITLE) String title) {}

  @Operation(summary = "Your threads about a model, the one asked in last first")
  @GetMapping("/api/models/{model}/threads")
  List<ThreadPart> list(@PathVariable String model, @RequestParam(defaultValue = "") String words) {
    return threads.find(current.get(), model, words);
  }

  @Operation(summary = "A thread of yours with its questions")
  @GetMapping("/api/threads/{thread}")
  ThreadPart get(@PathVariable UUID thread) {
    return threads.get(current.get(), thread);
  }

  @Operation(summary = "Rename a thread")
  @PatchMapping("/api/threads/{thread}")
  ThreadPart rename(@PathVariable UUID thread, @Valid @RequestBody ThreadName name) {
    return threads.rename(current.get(), thread, name.title());
  }

  @Operation(summary = "Delete a thread with its questions")
  @DeleteMapping("/api/threads/{thread}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID thread) {
    threads.delete(current.get(), thread);
  }
}
