package org.ropebridge.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/**
 * Writes the files of a big made-up model into a folder, and the statements that make its tables
 * beside it.
 *
 * <p>{@code BigModelFiles DIR TABLES [SOURCE READER]}; the reader is the role that may read them.
 */
public final class BigModelFiles {
  private BigModelFiles() {}

  public static void main(String[] args) throws IOException {
    boolean real = args.length > 2;
    if (real) {
      Files.createDirectories(Path.of(args[0]));
      Files.writeString(Path.of(args[0] + ".sql"), new BigModel().tables(args[3]));
    }
    for (Map.Entry<String, String> file :
        new BigModel().files(Integer.parseInt(args[1]), real ? args[2] : "s").entrySet()) {
      Path path = Path.of(args[0]).resolve(file.getKey());
      Files.createDirectories(path.getParent());
      Files.writeString(path, file.getValue());
    }
  }
}
