package org.ropebridge.service.jobs;

import java.time.Instant;
import java.util.Locale;
import java.util.UUID;

/**
 * A job as REST tells it.
 *
 * @param state running, done, stopped or failed
 * @param message why it failed; empty when it did not
 * @param seenAt when it ended, or was last heard of
 */
public record JobPart(
    UUID id,
    String subject,
    String state,
    String stage,
    int done,
    int total,
    String message,
    String startedBy,
    Instant startedAt,
    Instant seenAt) {
  public static JobPart of(Job job) {
    return new JobPart(
        job.id(),
        job.subject(),
        job.state().name().toLowerCase(Locale.ROOT),
        job.stage(),
        job.done(),
        job.total(),
        job.message(),
        job.startedBy(),
        job.startedAt(),
        job.seenAt());
  }
}
