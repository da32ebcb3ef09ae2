package org.ropebridge.service;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;

/**
 * Keyed hashes (RFC 2104 with SHA-256) of what the database shall be able to tell apart, and not to
 * tell. The key is not in the database.
 */
@Component
public class KeyedHash {
  private static final String ALGORITHM = "HmacSHA256";

  private final byte[] key;

  KeyedHash(KeyFile file) {
    this.key = file.key();
  }

  /**
   * The hash of a text, as 64 hexadecimal digits.
   *
   * @param purpose keeps hashes of different things apart
   */
  public String of(String purpose, String text) {
    try {
      Mac mac = Mac.getInstance(ALGORITHM);
      mac.init(new SecretKeySpec(key, ALGORITHM));
      mac.update(purpose.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }
}
