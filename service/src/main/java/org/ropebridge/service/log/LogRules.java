package org.ropebridge.service.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;

/** What a steward decided about the log. */
@Entity
class LogRules {
  static final int ID = 1;

  /** How the log tells who asked. */
  enum People {
    /** By account. */
    NAMES,
    /** By a pseudonym, the same for all questions of a person. */
    PSEUDONYMS,
    /** Not at all; then nobody can delete their own, or be told later. */
    NOBODY
  }

  @Id private int id = ID;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private People people;

  @Column(nullable = false)
  private int keepDays;

  @Column(nullable = false)
  private String changedBy;

  @Column(nullable = false)
  private Instant changedAt;

  protected LogRules() {}

  void change(People newPeople, int newKeepDays, String by) {
    this.people = newPeople;
    this.keepDays = newKeepDays;
    this.changedBy = by;
    this.changedAt = Instant.now();
  }

  People people() {
    return people;
  }

  int keepDays() {
    return keepDays;
  }

  String changedBy() {
    return changedBy;
  }

  Instant changedAt() {
    return changedAt;
  }
}
