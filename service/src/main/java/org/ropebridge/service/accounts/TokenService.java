package org.ropebridge.service.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes tokens and recognises them. */
@Service
class TokenService {
  private static final int BYTES = 32;
  private final SecureRandom random = new SecureRandom();
  private final AccessTokens tokens;

  /** Spares a look into the database at every call; a token revoked elsewhere lives so long. */
  private final Cache<String, Account> known =
      Caffeine.newBuilder().maximumSize(10_000).expireAfterWrite(Duration.ofSeconds(5)).build();

  TokenService(AccessTokens tokens) {
    this.tokens = tokens;
  }

  /** A token as it is shown once. */
  record Issued(String token, Instant expiresAt) {}

  @Transactional
  Issued issue(Account account, String label) {
    byte[] bytes = new byte[BYTES];
    random.nextBytes(bytes);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    AccessToken saved = tokens.save(new AccessToken(account, label, hash(token)));
    return new Issued(token, saved.expiresAt());
  }

  Optional<Account> accountOf(String token) {
    return Optional.ofNullable(
        known.get(
            hash(token),
            hash ->
                tokens
                    .findByHashAndExpiresAtAfter(hash, Instant.now())
                    .map(AccessToken::account)
                    .orElse(null)));
  }

  @Transactional
  void revoke(String token) {
    String hash = hash(token);
    tokens.deleteByHash(hash);
    known.invalidate(hash);
  }

  /** Revokes all tokens of an account; elsewhere they live for some seconds more. */
  @Transactional
  void revokeAll(Account account) {
    tokens.deleteByAccount(account);
    forget(account);
  }

  /** What is known of an account is looked up anew. */
  void forget(Account account) {
    known.asMap().values().removeIf(a -> a.id().equals(account.id()));
  }

  /** Tokens are random and long, so a fast hash without salt is enough. */
  private static String hash(String token) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
