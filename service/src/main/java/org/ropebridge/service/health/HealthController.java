package org.ropebridge.service.health;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.ropebridge.health.Finding;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.JobPart;
import org.ropebridge.service.jobs.Jobs;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The health of models over REST; for authors. */
@RestController
@RequestMapping("/api/models/{model}/health")
@PreAuthorize("hasRole('AUTHOR')")
class HealthController {
  private final HealthService health;
  private final CurrentAccount current;

  HealthController(HealthService health, CurrentAccount current) {
    this.health = health;
    this.current = current;
  }

  /**
   * The health of a model.
   *
   * @param running a check that runs now; null when none does
   * @param checkedAt when the last check ended; null before the first
   * @param edition that was checked
   * @param tried how many items were tried in the warehouse
   * @param findings what is the matter; empty when nothing is
   */
  record HealthPart(
      JobPart running, Instant checkedAt, int edition, int tried, List<Finding> findings) {}

  @Operation(summary = "See what of a model its warehouse does not have any more")
  @GetMapping
  HealthPart show(@PathVariable String model) {
    List<Job> newest = health.newest(model);
    Optional<Job> done = newest.stream().filter(j -> j.state() == Job.State.DONE).findFirst();
    HealthService.Health found =
        done.map(j -> Jobs.result(j, HealthService.Health.class))
            .orElse(new HealthService.Health(0, 0, List.of()));
    return new HealthPart(
        newest.stream()
            .filter(j -> j.state() == Job.State.RUNNING)
            .findFirst()
            .map(JobPart::of)
            .orElse(null),
        done.map(Job::seenAt).orElse(null),
        found.edition(),
        found.tried(),
        found.findings());
  }

  @Operation(summary = "Compare a model with its warehouse now")
  @PostMapping
  @ResponseStatus(HttpStatus.ACCEPTED)
  JobPart start(@PathVariable String model) {
    return JobPart.of(health.start(model, current.get().name()));
  }
}
