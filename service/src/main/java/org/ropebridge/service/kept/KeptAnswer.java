package org.ropebridge.service.kept;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** An answer as it was when somebody kept it. */
@Entity
class KeptAnswer {
  @Id private UUID id;

  @Column(nullable = false)
  private UUID accountId;

  @Column(nullable = false)
  private String modelName;

  @Column(nullable = false)
  private String question;

  @Column(nullable = false)
  private String seenBy;

  @Column(nullable = false)
  private String answer;

  @Column(nullable = false)
  private Instant keptAt;

  protected KeptAnswer() {}

  KeptAnswer(UUID accountId, String modelName, String question, String seenBy, String answer) {
    this.id = UUID.randomUUID();
    this.accountId = accountId;
    this.modelName = modelName;
    this.question = question;
    this.seenBy = seenBy;
    this.answer = answer;
    this.keptAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  UUID accountId() {
    return accountId;
  }

  String modelName() {
    return modelName;
  }

  /** The restatement, which asks the same again. */
  String question() {
    return question;
  }

  /** What the keeper could see of the model, see {@link org.ropebridge.access.Access#key()}. */
  String seenBy() {
    return seenBy;
  }

  /** The answer as JSON. */
  String answer() {
    return answer;
  }

  Instant keptAt() {
    return keptAt;
  }
}
