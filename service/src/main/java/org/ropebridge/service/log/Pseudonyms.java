package org.ropebridge.service.log;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.ropebridge.service.KeyFile;
import org.springframework.stereotype.Component;

/**
 * Names for people that only the service can tell apart: keyed hashes (RFC 2104 with SHA-256) of
 * their accounts. The key is not in the database, so the log alone tells nobody who asked.
 */
@Component
class Pseudonyms {
  private static final String ALGORITHM = "HmacSHA256";
  private static final int LENGTH = 32;

  private final byte[] key;

  Pseudonyms(KeyFile file) {
    this.key = file.key();
  }

  String of(UUID account) {
    try {
      Mac mac = Mac.getInstance(ALGORITHM);
      mac.init(new SecretKeySpec(key, ALGORITHM));
      mac.update("asked questions".getBytes(StandardCharsets.UTF_8));
      byte[] hash = mac.doFinal(account.toString().getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(hash).substring(0, LENGTH);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  /** All names by which the log may know an account, whatever the rules were at the time. */
  List<String> all(UUID account) {
    return List.of(account.toString(), of(account));
  }
}
