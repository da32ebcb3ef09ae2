package org.ropebridge.service.questions;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.problems.ProblemDocuments;
import org.ropebridge.service.sources.Running;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Answers as server-sent events (WHATWG HTML, section 9.2): what was read, how far the computing
 * has come, and the answer. When nobody listens any more, the question is stopped.
 */
@Component
class AnswerEvents {
  private static final int MOST_AT_ONCE = 256;
  private static final long TICK_MILLIS = 500;
  private static final long NEVER = 0;

  private final ProblemDocuments problems;
  private final ExecutorService workers =
      new ThreadPoolExecutor(0, MOST_AT_ONCE, 60, TimeUnit.SECONDS, new SynchronousQueue<>());
  private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();

  AnswerEvents(ProblemDocuments problems) {
    this.problems = problems;
  }

  /**
   * How far a question has come.
   *
   * @param stage reading, in_line (others are served first) or computing
   * @param milliseconds since the question came
   */
  record Progress(String stage, long milliseconds) {}

  /** Sends what a question gives. */
  SseEmitter of(BiFunction<Running, Consumer<Supplier<AnswerPart>>, AnswerPart> question) {
    SseEmitter emitter = new SseEmitter(NEVER);
    Running running = new Running();
    emitter.onError(e -> running.stop());
    emitter.onCompletion(running::stop);
    try {
      workers.execute(() -> work(question, emitter, running));
    } catch (RejectedExecutionException e) {
      throw new Problem(
          HttpStatus.SERVICE_UNAVAILABLE,
          "busy",
          "Too many questions are being computed. Ask again in a moment.");
    }
    return emitter;
  }

  private void work(
      BiFunction<Running, Consumer<Supplier<AnswerPart>>, AnswerPart> question,
      SseEmitter emitter,
      Running running) {
    long began = System.nanoTime();
    ScheduledFuture<?> ticks =
        clock.scheduleAtFixedRate(
            () -> send(emitter, running, "progress", progress(running, began)),
            TICK_MILLIS,
            TICK_MILLIS,
            TimeUnit.MILLISECONDS);
    try {
      AnswerPart answer =
          question.apply(running, reading -> send(emitter, running, "reading", reading.get()));
      ticks.cancel(false);
      send(emitter, running, "answer", answer);
    } catch (RuntimeException e) {
      ticks.cancel(false);
      send(emitter, running, "problem", problems.of(e));
    }
    emitter.complete();
  }

  private static Progress progress(Running running, long began) {
    return new Progress(
        running.stage().name().toLowerCase(Locale.ROOT),
        TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began));
  }

  private static void send(SseEmitter emitter, Running running, String name, Object data) {
    try {
      emitter.send(SseEmitter.event().name(name).data(data));
    } catch (IOException | IllegalStateException nobodyListens) {
      running.stop();
    }
  }

  @PreDestroy
  void close() {
    workers.shutdownNow();
    clock.shutdownNow();
  }
}
