package org.ropebridge.service.jobs;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored jobs. */
interface StoredJobs extends Repository<Job, UUID> {
  Job save(Job job);

  Optional<Job> findById(UUID id);

  List<Job> findByKindAndSubjectOrderByStartedAtDesc(String kind, String subject, Limit limit);

  @Modifying
  @Query(
      "delete from Job j where j.kind = :kind and j.state <> org.ropebridge.service.jobs.Job.State.RUNNING")
  void deleteEnded(String kind);

  @Modifying
  @Query(
      "delete from Job j where j.kind = :kind and j.startedAt < :before"
          + " and j.state <> org.ropebridge.service.jobs.Job.State.RUNNING")
  void deleteEnded(String kind, Instant before);
}
