package org.ropebridge.service.jobs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;

/** A piece of work, how far it is, and what came of it. */
@Entity
public class Job {
  /** After so long without a sign the process that ran it must have ended. */
  private static final Duration LOST = Duration.ofSeconds(60);

  @Id private UUID id;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private String subject;

  @Column(nullable = false)
  private long revision;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private State state;

  @Column(nullable = false)
  private String stage;

  @Column(nullable = false)
  private int done;

  @Column(nullable = false)
  private int total;

  @Column(nullable = false)
  private String message;

  @Column(nullable = false)
  private String result;

  @Column(nullable = false)
  private String startedBy;

  @Column(nullable = false)
  private Instant startedAt;

  @Column(nullable = false)
  private Instant seenAt;

  /** Where a job stands. */
  public enum State {
    RUNNING,
    DONE,
    STOPPED,
    FAILED
  }

  protected Job() {}

  Job(String kind, String subject, long revision, String by) {
    this.id = UUID.randomUUID();
    this.kind = kind;
    this.subject = subject;
    this.revision = revision;
    this.state = State.RUNNING;
    this.stage = "";
    this.message = "";
    this.result = "";
    this.startedBy = by;
    this.startedAt = Instant.now();
    this.seenAt = startedAt;
  }

  void at(String newStage, int newDone, int newTotal) {
    this.stage = newStage;
    this.done = newDone;
    this.total = newTotal;
    this.seenAt = Instant.now();
  }

  void end(State newState, String newMessage, String newResult) {
    this.state = newState;
    this.message = newMessage;
    this.result = newResult;
    this.seenAt = Instant.now();
  }

  public UUID id() {
    return id;
  }

  String kind() {
    return kind;
  }

  public String subject() {
    return subject;
  }

  public long revision() {
    return revision;
  }

  /** Where it stands; one whose process has ended has failed. */
  public State state() {
    return isLost() ? State.FAILED : state;
  }

  private boolean isLost() {
    return state == State.RUNNING && seenAt.isBefore(Instant.now().minus(LOST));
  }

  public String stage() {
    return stage;
  }

  public int done() {
    return done;
  }

  public int total() {
    return total;
  }

  /** Why it failed; empty when it did not. */
  public String message() {
    return isLost() ? "The service was restarted meanwhile. Start it again." : message;
  }

  /** What came of it, as JSON; empty before it is done. */
  public String result() {
    return result;
  }

  public String startedBy() {
    return startedBy;
  }

  public Instant startedAt() {
    return startedAt;
  }

  /** When it ended, or was last heard of. */
  public Instant seenAt() {
    return seenAt;
  }
}
