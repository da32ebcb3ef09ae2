package org.ropebridge.service.uploads;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A file that an author brought, and the table that it became. */
@Entity
class Upload {
  @Id private UUID id;

  @Column(nullable = false)
  private String source;

  @Column(nullable = false)
  private String fileName;

  @Column(nullable = false)
  private long bytes;

  @Column(nullable = false)
  private boolean spooled;

  @Column(nullable = false)
  private String opening;

  @Column(nullable = false)
  private UUID look;

  private UUID intake;

  @Column(nullable = false)
  private String schemaName;

  private String tableName;

  @Column(nullable = false)
  private long rowsTaken;

  @Column(nullable = false)
  private long rowsAside;

  @Column(nullable = false)
  private String broughtBy;

  @Column(nullable = false)
  private Instant createdAt;

  private Instant broughtAt;

  protected Upload() {}

  Upload(UUID id, String source, String schemaName, String fileName, long bytes, String by) {
    this.id = id;
    this.source = source;
    this.schemaName = schemaName;
    this.fileName = fileName;
    this.bytes = bytes;
    this.spooled = true;
    this.opening = "";
    this.broughtBy = by;
    this.createdAt = Instant.now();
  }

  void lookedAtBy(UUID job, String newOpening) {
    this.look = job;
    this.opening = newOpening;
  }

  UUID id() {
    return id;
  }

  String source() {
    return source;
  }

  String fileName() {
    return fileName;
  }

  long bytes() {
    return bytes;
  }

  boolean isSpooled() {
    return spooled;
  }

  /** How it is opened, as far as its author said so, as JSON. */
  String opening() {
    return opening;
  }

  /** The job that looked at it last. */
  UUID look() {
    return look;
  }

  /** The job that takes it in; null before that. */
  UUID intake() {
    return intake;
  }

  String schemaName() {
    return schemaName;
  }

  /** The table that it became; null before that. */
  String tableName() {
    return tableName;
  }

  long rowsTaken() {
    return rowsTaken;
  }

  long rowsAside() {
    return rowsAside;
  }

  String broughtBy() {
    return broughtBy;
  }

  Instant createdAt() {
    return createdAt;
  }

  /** When it became a table; null before that. */
  Instant broughtAt() {
    return broughtAt;
  }
}
