package org.ropebridge.cli;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/**
 * A model's files in a folder of the author's. A small hidden file beside them remembers from which
 * revision of the draft they were pulled, so that nobody's later change is overwritten.
 */
final class ModelFolder {
  private static final long LARGEST_FILE = 4_000_000;
  private static final String MEMORY = ".draft-revision";
  private static final Pattern NAME =
      Pattern.compile("^model:\\s*[\"']?([a-z][a-z0-9_]*)", Pattern.MULTILINE);

  private final Path dir;

  ModelFolder(Path dir) {
    this.dir = dir;
  }

  /** The text of every model file below the folder. */
  Map<String, String> files() {
    if (!Files.isDirectory(dir)) {
      throw new ClientException(Exit.USAGE, dir + " is not a folder.");
    }
    Map<String, String> files = modelFiles();
    if (!files.containsKey("model.yaml")) {
      throw new ClientException(
          Exit.USAGE, dir + " has no model.yaml; name the folder of a model.");
    }
    return files;
  }

  private Map<String, String> modelFiles() {
    Map<String, String> files = new TreeMap<>();
    try (Stream<Path> paths = Files.walk(dir, 3)) {
      for (Path path : (Iterable<Path>) paths.filter(Files::isRegularFile)::iterator) {
        String name = dir.relativize(path).toString().replace('\\', '/');
        boolean part = name.endsWith(".yaml") || name.endsWith(".yml") || name.endsWith(".ics");
        if (part && !name.startsWith(".")) {
          if (Files.size(path) > LARGEST_FILE) {
            throw new ClientException(
                Exit.USAGE, path + " is larger than 4 MB; is it a model file?");
          }
          files.put(name, Files.readString(path));
        }
      }
    } catch (MalformedInputException e) {
      throw new ClientException(Exit.FAILED, "A file in " + dir + " is not UTF-8 text.");
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "Cannot read " + dir + ": " + e.getMessage());
    }
    return files;
  }

  /** The name that model.yaml gives the model. */
  String model() {
    Matcher matcher = NAME.matcher(files().get("model.yaml"));
    if (!matcher.find()) {
      throw new ClientException(
          Exit.USAGE, dir.resolve("model.yaml") + " does not name the model; write model: NAME");
    }
    return matcher.group(1);
  }

  /** The revision that the files were pulled from; empty when they never were. */
  Optional<Long> revision() {
    try {
      Path memory = dir.resolve(MEMORY);
      String[] words =
          Files.exists(memory) ? Files.readString(memory).strip().split(" ") : new String[0];
      boolean known = words.length == 2 && words[0].equals(model()) && words[1].matches("\\d+");
      return known ? Optional.of(Long.valueOf(words[1])) : Optional.empty();
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "Cannot read " + dir + ": " + e.getMessage());
    }
  }

  /** Remembers the revision that the files are of. */
  void remember(String model, long revision) {
    try {
      Files.writeString(dir.resolve(MEMORY), model + " " + revision + "\n");
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "Cannot write to " + dir + ": " + e.getMessage());
    }
  }

  /** A file of the folder. */
  Path path(String name) {
    return dir.resolve(name);
  }

  /** Writes a file that is no part of the model beside its files. */
  void write(String name, String text) {
    try {
      Files.writeString(path(name), text);
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "Cannot write to " + dir + ": " + e.getMessage());
    }
  }

  /**
   * Makes the folder's model files those of the service; files that are the same are not touched.
   *
   * @return what was done, by file: written or removed
   */
  Map<String, String> write(JsonNode files) {
    Map<String, String> done = new TreeMap<>();
    try {
      Files.createDirectories(dir);
      Map<String, String> here = modelFiles();
      for (String name : files.propertyNames()) {
        Path path = dir.resolve(name).normalize();
        if (!path.startsWith(dir.normalize())) {
          throw new ClientException(Exit.FAILED, "The service names a file outside of the folder.");
        }
        String text = files.path(name).asString();
        if (!text.equals(here.remove(name))) {
          Files.createDirectories(path.getParent() == null ? dir : path.getParent());
          Files.writeString(path, text);
          done.put(name, "written");
        }
      }
      for (String gone : here.keySet()) {
        Files.delete(dir.resolve(gone));
        done.put(gone, "removed");
      }
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "Cannot write to " + dir + ": " + e.getMessage());
    }
    return done;
  }
}
