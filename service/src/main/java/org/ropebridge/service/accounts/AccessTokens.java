package org.ropebridge.service.accounts;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored tokens. */
interface AccessTokens extends Repository<AccessToken, UUID> {
  AccessToken save(AccessToken token);

  Optional<AccessToken> findByHashAndExpiresAtAfter(String hash, Instant now);

  void deleteByHash(String hash);

  void deleteByAccount(Account account);
}
