package org.ropebridge.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Set;
import tools.jackson.databind.json.JsonMapper;

/**
 * Where the service is and the token to use there, kept in a file that only its owner may read.
 *
 * @param name name of the account that signed in
 */
record Config(String url, String token, String name) {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  static Path file() {
    String given = System.getenv("ROPEBRIDGE_CONFIG");
    if (given != null) {
      return Path.of(given);
    }
    String base = System.getenv("XDG_CONFIG_HOME");
    Path folder =
        base == null ? Path.of(System.getProperty("user.home"), ".config") : Path.of(base);
    return folder.resolve("ropebridge").resolve("client.json");
  }

  static Config load() {
    for (Path file : candidates()) {
      if (Files.exists(file)) {
        try {
          return JSON.readValue(Files.readString(file), Config.class);
        } catch (IOException | RuntimeException e) {
          throw new ClientException(
              Exit.FAILED, file + " is not readable; sign in again: ropebridge login URL");
        }
      }
    }
    throw new ClientException(Exit.FAILED, "You are not signed in. Run: ropebridge login URL");
  }

  private static Path[] candidates() {
    String fallback = System.getenv("ROPEBRIDGE_FALLBACK_CONFIG");
    return fallback == null ? new Path[] {file()} : new Path[] {file(), Path.of(fallback)};
  }

  void save() {
    Path file = file();
    try {
      if (file.toAbsolutePath().getParent() != null) {
        Files.createDirectories(file.toAbsolutePath().getParent());
      }
      Files.deleteIfExists(file);
      Files.createFile(file);
      Files.setPosixFilePermissions(
          file, Set.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE));
      Files.writeString(file, JSON.writeValueAsString(this));
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "cannot write " + file + ": " + e.getMessage());
    }
  }
}
