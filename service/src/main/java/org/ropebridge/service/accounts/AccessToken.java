package org.ropebridge.service.accounts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;

/** A token by which a program acts for an account. Only its hash is stored. */
@Entity
class AccessToken {
  static final Duration LIFETIME = Duration.ofDays(90);

  @Id private UUID id;

  @ManyToOne(fetch = FetchType.EAGER, optional = false)
  private Account account;

  @Column(nullable = false)
  private String label;

  @Column(nullable = false, unique = true)
  private String hash;

  @Column(nullable = false)
  private Instant createdAt;

  @Column(nullable = false)
  private Instant expiresAt;

  protected AccessToken() {}

  AccessToken(Account account, String label, String hash) {
    this.id = UUID.randomUUID();
    this.account = account;
    this.label = label;
    this.hash = hash;
    this.createdAt = Instant.now();
    this.expiresAt = createdAt.plus(LIFETIME);
  }

  Account account() {
    return account;
  }

  Instant expiresAt() {
    return expiresAt;
  }
}
