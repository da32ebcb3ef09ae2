package org.ropebridge.service.sources;

import java.nio.charset.StandardCharsets;
import javax.crypto.spec.SecretKeySpec;
import org.ropebridge.service.KeyFile;
import org.springframework.security.crypto.encrypt.AesGcmBytesEncryptor;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/** Encrypts passwords of warehouses (AES-256-GCM) with the secret in the key file. */
@Component
class Secrets {
  private final BytesEncryptor encryptor;

  Secrets(KeyFile file) {
    this.encryptor =
        AesGcmBytesEncryptor.withSecretKey(new SecretKeySpec(file.key(), "AES"))
            .ivGenerator(KeyGenerators.secureRandom(16))
            .build();
  }

  byte[] encrypt(String secret) {
    return encryptor.encrypt(secret.getBytes(StandardCharsets.UTF_8));
  }

  String decrypt(byte[] encrypted) {
    return new String(encryptor.decrypt(encrypted), StandardCharsets.UTF_8);
  }
}
