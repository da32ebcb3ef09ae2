package org.ropebridge.service.threads;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import org.ropebridge.service.StorableText;
import org.ropebridge.service.accounts.Account;

/** A conversation of one person about one model. */
@Entity
class QuestionThread {
  static final int LONGEST_TITLE = 200;

  @Id private UUID id;

  @ManyToOne(fetch = FetchType.LAZY, optional = false)
  private Account account;

  @Column(nullable = false)
  private String modelName;

  @Column(nullable = false)
  private String title;

  @Column(nullable = false)
  private Instant startedAt;

  @Column(nullable = false)
  private Instant lastAskedAt;

  protected QuestionThread() {}

  /** A thread that goes by its first question until somebody names it. */
  QuestionThread(Account account, String modelName, String firstQuestion) {
    this.id = UUID.randomUUID();
    this.account = account;
    this.modelName = modelName;
    String title = StorableText.of(firstQuestion).strip().replaceAll("\\s+", " ");
    this.title =
        title.length() <= LONGEST_TITLE ? title : title.substring(0, LONGEST_TITLE - 1) + "…";
    this.startedAt = Instant.now();
    this.lastAskedAt = startedAt;
  }

  UUID id() {
    return id;
  }

  String modelName() {
    return modelName;
  }

  String title() {
    return title;
  }

  void rename(String newTitle) {
    this.title = newTitle;
  }

  Instant startedAt() {
    return startedAt;
  }

  Instant lastAskedAt() {
    return lastAskedAt;
  }

  void asked() {
    this.lastAskedAt = Instant.now();
  }
}
