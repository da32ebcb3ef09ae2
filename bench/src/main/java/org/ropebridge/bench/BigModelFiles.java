package org.ropebridge.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/** Writes the files of a big made-up model into a folder: {@code BigModelFiles DIR TABLES}. */
public final class BigModelFiles {
  private BigModelFiles() {}

  public static void main(String[] args) throws IOException {
    for (Map.Entry<String, String> file :
        new BigModel().files(Integer.parseInt(args[1])).entrySet()) {
      Path path = Path.of(args[0]).resolve(file.getKey());
      Files.createDirectories(path.getParent());
      Files.writeString(path, file.getValue());
    }
  }
}
