package org.ropebridge.service.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** A question that was not answered once and is now, for who asked it. */
@Entity
@Immutable
class News {
  @Id private UUID id;

  @Column(nullable = false)
  private UUID accountId;

  @Column(nullable = false)
  private String modelName;

  @Column(nullable = false)
  private String question;

  @Column(nullable = false)
  private int edition;

  @Column(nullable = false)
  private Instant toldAt;

  protected News() {}

  News(UUID accountId, String modelName, String question, int edition) {
    this.id = UUID.randomUUID();
    this.accountId = accountId;
    this.modelName = modelName;
    this.question = question;
    this.edition = edition;
    this.toldAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  String modelName() {
    return modelName;
  }

  String question() {
    return question;
  }

  int edition() {
    return edition;
  }

  Instant toldAt() {
    return toldAt;
  }
}
