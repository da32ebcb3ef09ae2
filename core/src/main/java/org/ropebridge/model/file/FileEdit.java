package org.ropebridge.model.file;

import java.util.List;
import java.util.Optional;

/**
 * One change of a model's files.
 *
 * @param file path of the file within the model's folder
 * @param path keys, and indexes of lists, from the top of the file to the place; empty for the
 *     whole file
 * @param value a text, number, yes or no, list or map that shall stand there; empty to remove the
 *     place. An index just behind the end of a list adds an item
 * @param rename what the last key of the path shall be called instead; the value is then left
 */
public record FileEdit(
    String file, List<String> path, Optional<Object> value, Optional<String> rename) {
  public FileEdit {
    path = List.copyOf(path);
    if (rename.isPresent() && (value.isPresent() || path.isEmpty())) {
      throw new IllegalArgumentException("a key is renamed or a value is set, not both");
    }
  }

  public static FileEdit set(String file, List<String> path, Object value) {
    return new FileEdit(file, path, Optional.of(value), Optional.empty());
  }

  public static FileEdit remove(String file, List<String> path) {
    return new FileEdit(file, path, Optional.empty(), Optional.empty());
  }

  public static FileEdit rename(String file, List<String> path, String to) {
    return new FileEdit(file, path, Optional.empty(), Optional.of(to));
  }

  /** The edit cannot be made in the files as they are. */
  public static final class Impossible extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Impossible(String message) {
      super(message);
    }
  }
}
