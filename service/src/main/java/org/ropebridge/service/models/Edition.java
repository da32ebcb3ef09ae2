package org.ropebridge.service.models;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A published, numbered, unchangeable state of a model: its files as they were written. */
@Entity
@Immutable
class Edition {
  @Id private UUID id;

  @ManyToOne(optional = false)
  private StoredModel model;

  @Column(nullable = false)
  private int number;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private Map<String, String> files;

  @Column(nullable = false)
  private String note;

  @Column(nullable = false)
  private String publishedBy;

  @Column(nullable = false)
  private Instant publishedAt;

  @Column(nullable = false)
  private String overruled;

  protected Edition() {}

  Edition(
      StoredModel model,
      int number,
      Map<String, String> files,
      String note,
      String by,
      String overruled) {
    this.id = UUID.randomUUID();
    this.model = model;
    this.number = number;
    this.files = Map.copyOf(files);
    this.note = note;
    this.publishedBy = by;
    this.overruled = overruled;
    this.publishedAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  int number() {
    return number;
  }

  Map<String, String> files() {
    return files;
  }

  String note() {
    return note;
  }

  String publishedBy() {
    return publishedBy;
  }

  Instant publishedAt() {
    return publishedAt;
  }

  /** Why it was published although something was broken; empty when nothing was. */
  String overruled() {
    return overruled;
  }
}
