package org.ropebridge.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The files of the demo, as they lie on the class path. */
public final class DemoFiles {
  private static final List<String> MODEL =
      List.of(
          "model.yaml",
          "metrics.yaml",
          "questions.yaml",
          "access.yaml",
          "occasions.ics",
          "tables/bridges.yaml",
          "tables/callouts.yaml",
          "tables/capacity.yaml",
          "tables/charges.yaml",
          "tables/huts.yaml",
          "tables/inspections.yaml",
          "tables/members.yaml",
          "tables/stays.yaml",
          "tables/supplies.yaml",
          "tables/valleys.yaml");

  private DemoFiles() {}

  /** The text of each model file by its path within the model. */
  public static Map<String, String> model() {
    Map<String, String> files = new TreeMap<>();
    MODEL.forEach(path -> files.put(path, text("model/" + path)));
    return files;
  }

  /**
   * The text of a file of the demo.
   *
   * @throws IllegalArgumentException if there is no such file
   */
  public static String text(String path) {
    try (InputStream in = DemoFiles.class.getResourceAsStream("/huts/" + path)) {
      if (in == null) {
        throw new IllegalArgumentException("the demo has no file " + path);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
