package org.ropebridge.service.health;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.ropebridge.access.Person;
import org.ropebridge.health.Catalog;
import org.ropebridge.health.Finding;
import org.ropebridge.health.HealthCheck;
import org.ropebridge.health.Trial;
import org.ropebridge.model.Model;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.questions.Asking;
import org.ropebridge.service.sources.Statements;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Compares models with their warehouses: now and then, after publishing, and when asked to. */
@Service
public class HealthService {
  static final String KIND = "health";
  private static final Duration KEPT = Duration.ofDays(2);
  private static final Duration BETWEEN_REFUSALS = Duration.ofMinutes(1);

  private final Engines engines;
  private final ModelService models;
  private final Statements statements;
  private final Jobs jobs;

  HealthService(Engines engines, ModelService models, Statements statements, Jobs jobs) {
    this.engines = engines;
    this.models = models;
    this.statements = statements;
    this.jobs = jobs;
  }

  /**
   * What a check found.
   *
   * @param edition that was checked
   * @param tried how many metrics, conditions, columns, tables and sample questions were tried
   */
  record Health(int edition, int tried, List<Finding> findings) {
    Health {
      findings = List.copyOf(findings);
    }
  }

  /**
   * Starts a check of the newest edition.
   *
   * @param by who wants it; empty for the service itself
   * @throws Problem if there is no such model
   */
  Job start(String model, String by) {
    if (!models.has(model)) {
      throw Problem.notFound(
          "unknown-model", "There is no model \"" + model + "\". See: ropebridge model list");
    }
    return jobs.start(KIND, model, 0, by, sign -> check(model, sign));
  }

  private Health check(String name, Jobs.Sign sign) {
    Engine engine = engines.of(name, Person.ANYONE);
    Model model = engine.access().model();
    Map<String, Catalog> catalogs = new HashMap<>();
    for (String source : model.sources().keySet()) {
      List<List<Object>> rows =
          statements.query(source, Catalog.SQL, List.of(), Catalog.MOST_COLUMNS);
      catalogs.put(source, Catalog.of(rows));
    }
    Trial.Trials trials = Trial.of(engine.access().visible(), engine.reader(), engine.writer());
    List<HealthCheck.Refused> refused = new ArrayList<>();
    int done = 0;
    for (Trial trial : trials.trials()) {
      if (sign.isStopped()) {
        throw new CancellationException("the check was stopped");
      }
      sign.at("trying", done++, trials.trials().size());
      statements
          .refusal(trial.source(), trial.sql(), trial.parameters())
          .ifPresent(message -> refused.add(new HealthCheck.Refused(trial, message)));
    }
    List<Finding> findings = new ArrayList<>(new HealthCheck(model, catalogs).findings(refused));
    findings.addAll(trials.notRead());
    return new Health(engine.edition(), done, findings);
  }

  /** The newest check of a model that has ended, and the one that runs, if any; newest first. */
  List<Job> newest(String model) {
    List<Job> all = jobs.newest(KIND, model);
    Optional<Job> running = all.stream().findFirst().filter(j -> j.state() == Job.State.RUNNING);
    Optional<Job> ended = all.stream().filter(j -> j.state() == Job.State.DONE).findFirst();
    return Stream.concat(running.stream(), ended.stream()).toList();
  }

  /** Looks at all models now and then. */
  @Scheduled(initialDelay = 1, fixedDelay = 30, timeUnit = TimeUnit.MINUTES)
  void all() {
    jobs.forgetEnded(KIND, Instant.now().minus(KEPT));
    models.published().forEach(m -> start(m, ""));
  }

  @EventListener
  void announced(ModelService.Announced event) {
    start(event.model(), "");
  }

  /** Somebody met a statement that the warehouse refuses: time to look. */
  @EventListener
  void refused(Asking.Refused event) {
    Instant soon = Instant.now().minus(BETWEEN_REFUSALS);
    boolean justLooked =
        jobs.newest(KIND, event.model()).stream()
            .findFirst()
            .filter(j -> j.startedAt().isAfter(soon))
            .isPresent();
    if (!justLooked) {
      start(event.model(), "");
    }
  }
}
