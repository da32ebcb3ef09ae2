package org.ropebridge.service.sources;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.HexFormat;
import javax.crypto.spec.SecretKeySpec;
import org.ropebridge.service.Settings;
import org.springframework.security.crypto.encrypt.AesGcmBytesEncryptor;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/** Encrypts passwords of warehouses (AES-256-GCM) with the secret in the key file. */
@Component
class Secrets {
  private final BytesEncryptor encryptor;

  Secrets(Settings settings) {
    byte[] key = HexFormat.of().parseHex(key(settings.keyFile()));
    this.encryptor =
        AesGcmBytesEncryptor.withSecretKey(new SecretKeySpec(key, "AES"))
            .ivGenerator(KeyGenerators.secureRandom(16))
            .build();
  }

  private static String key(Path file) {
    try {
      if (!Files.exists(file)) {
        if (file.toAbsolutePath().getParent() != null) {
          Files.createDirectories(file.toAbsolutePath().getParent());
        }
        Files.createFile(
            file,
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(
            file, HexFormat.of().formatHex(KeyGenerators.secureRandom(32).generateKey()));
      }
      return Files.readString(file).strip();
    } catch (IOException e) {
      throw new UncheckedIOException("cannot read or make the key file " + file, e);
    }
  }

  byte[] encrypt(String secret) {
    return encryptor.encrypt(secret.getBytes(StandardCharsets.UTF_8));
  }

  String decrypt(byte[] encrypted) {
    return new String(encryptor.decrypt(encrypted), StandardCharsets.UTF_8);
  }
}
