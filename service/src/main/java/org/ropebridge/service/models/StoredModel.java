package org.ropebridge.service.models;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A model by name; what it says is in its editions. */
@Entity
@Table(name = "model")
class StoredModel {
  @Id private UUID id;

  @Column(nullable = false, unique = true)
  private String name;

  @Column(nullable = false)
  private Instant createdAt;

  protected StoredModel() {}

  StoredModel(String name) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.createdAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }
}
