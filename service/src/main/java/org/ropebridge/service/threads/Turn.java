package org.ropebridge.service.threads;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.ropebridge.service.StorableText;

/** A question of a thread and how it was read. */
@Entity
@Immutable
class Turn {
  @Id private UUID id;

  @ManyToOne(fetch = FetchType.LAZY, optional = false)
  private QuestionThread thread;

  @Column(nullable = false)
  private int number;

  @ManyToOne(fetch = FetchType.LAZY)
  private Turn after;

  @Column(nullable = false)
  private String question;

  @Column(nullable = false)
  private String status;

  @Column(nullable = false)
  private String restatement;

  @Column(nullable = false)
  private int edition;

  @Column(nullable = false)
  private Instant askedAt;

  protected Turn() {}

  Turn(QuestionThread thread, int number, Optional<Turn> after, Asked asked) {
    this.id = UUID.randomUUID();
    this.thread = thread;
    this.number = number;
    this.after = after.orElse(null);
    this.question = StorableText.of(asked.question());
    this.status = asked.status();
    this.restatement = StorableText.of(asked.restatement());
    this.edition = asked.edition();
    this.askedAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  QuestionThread thread() {
    return thread;
  }

  int number() {
    return number;
  }

  Optional<Turn> after() {
    return Optional.ofNullable(after);
  }

  String question() {
    return question;
  }

  String status() {
    return status;
  }

  String restatement() {
    return restatement;
  }

  int edition() {
    return edition;
  }

  Instant askedAt() {
    return askedAt;
  }

  /** Whether it begins anew, so that nothing leans on what was before it. */
  boolean startsAgain() {
    return status.equals(Asked.STARTED_AGAIN);
  }
}
