package org.ropebridge.service;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.HexFormat;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/** The secret that the service keeps outside of its database; made when it is missing. */
@Component
public class KeyFile {
  private static final int BYTES = 32;

  private final byte[] key;

  KeyFile(Settings settings) {
    this.key = HexFormat.of().parseHex(read(settings.keyFile()));
  }

  private static String read(Path file) {
    try {
      if (!Files.exists(file)) {
        if (file.toAbsolutePath().getParent() != null) {
          Files.createDirectories(file.toAbsolutePath().getParent());
        }
        Files.createFile(
            file,
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(
            file, HexFormat.of().formatHex(KeyGenerators.secureRandom(BYTES).generateKey()));
      }
      return Files.readString(file).strip();
    } catch (IOException e) {
      throw new UncheckedIOException("cannot read or make the key file " + file, e);
    }
  }

  /** The secret. */
  public byte[] key() {
    return key.clone();
  }
}
