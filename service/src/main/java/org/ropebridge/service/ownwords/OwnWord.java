package org.ropebridge.service.ownwords;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** What one person means by some words. */
@Entity
class OwnWord {
  @Id private UUID id;

  @Column(nullable = false)
  private UUID accountId;

  @Column(nullable = false)
  private String modelName;

  @Column(nullable = false)
  private String words;

  @Column(nullable = false)
  private String item;

  @Column(nullable = false)
  private Instant saidAt;

  protected OwnWord() {}

  OwnWord(UUID accountId, String modelName, String words) {
    this.id = UUID.randomUUID();
    this.accountId = accountId;
    this.modelName = modelName;
    this.words = words;
  }

  void means(String otherItem) {
    this.item = otherItem;
    this.saidAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  String modelName() {
    return modelName;
  }

  String words() {
    return words;
  }

  /** The item, see {@link org.ropebridge.lexicon.Items}. */
  String item() {
    return item;
  }

  Instant saidAt() {
    return saidAt;
  }
}
