package org.ropebridge.service.uploads;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.ropebridge.service.Settings;
import org.ropebridge.service.problems.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Where files wait until they became tables. */
@Component
class Spool {
  private static final int PIECE = 1 << 16;

  private final Settings.Uploads settings;

  Spool(Settings settings) {
    this.settings = settings.uploads();
  }

  /**
   * Keeps a file.
   *
   * @return its bytes
   * @throws Problem if it is too large
   */
  long receive(UUID id, InputStream in, long announced) {
    if (announced > settings.largest().toBytes()) {
      throw tooLarge();
    }
    Path file = of(id);
    boolean complete = false;
    try {
      Files.createDirectories(folder());
      long bytes = 0;
      try (OutputStream out = Files.newOutputStream(file)) {
        byte[] piece = new byte[PIECE];
        for (int read; (read = in.read(piece)) >= 0; ) {
          bytes += read;
          if (bytes > settings.largest().toBytes()) {
            throw tooLarge();
          }
          out.write(piece, 0, read);
        }
      }
      complete = true;
      return bytes;
    } catch (IOException e) {
      throw new UncheckedIOException("the file could not be kept in " + folder(), e);
    } finally {
      if (!complete) {
        forget(id);
      }
    }
  }

  private Problem tooLarge() {
    return new Problem(
        HttpStatus.CONTENT_TOO_LARGE,
        "file-too-large",
        "A file may have at most "
            + settings.largest().toMegabytes()
            + " MB here. Split it, or ask the operator to raise ropebridge.uploads.largest.");
  }

  Path folder() {
    return settings.folder();
  }

  Path of(UUID id) {
    return folder().resolve(id.toString());
  }

  void forget(UUID id) {
    try {
      Files.deleteIfExists(of(id));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
