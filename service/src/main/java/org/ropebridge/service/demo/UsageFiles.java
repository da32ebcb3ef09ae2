package org.ropebridge.service.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The files of the model of how the service itself is used. */
final class UsageFiles {
  private static final List<String> FILES =
      List.of(
          "model.yaml",
          "metrics.yaml",
          "questions.yaml",
          "tables/questions.yaml",
          "tables/unread_phrases.yaml",
          "tables/used_items.yaml",
          "tables/editions.yaml");

  private UsageFiles() {}

  /** The text of each file by its path within the model. */
  static Map<String, String> model() {
    Map<String, String> files = new TreeMap<>();
    for (String path : FILES) {
      try (InputStream in = UsageFiles.class.getResourceAsStream("/usage/model/" + path)) {
        files.put(path, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return files;
  }
}
