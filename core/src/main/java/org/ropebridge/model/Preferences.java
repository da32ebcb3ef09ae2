package org.ropebridge.model;

import java.util.Map;
import java.util.Optional;

/**
 * The author's choices where a question leaves something open.
 *
 * @param topBy metric by which "top" and "best" rank when no measure is said
 * @param rowsShown most rows of an answer
 * @param meanings a word, and the name of the item that it means among several
 */
public record Preferences(Optional<String> topBy, int rowsShown, Map<String, String> meanings) {
  public static final int DEFAULT_ROWS_SHOWN = 1000;
  public static final Preferences NONE =
      new Preferences(Optional.empty(), DEFAULT_ROWS_SHOWN, Map.of());

  public Preferences {
    meanings = Map.copyOf(meanings);
    if (rowsShown < 1) {
      throw new IllegalArgumentException("rows_shown must be at least 1, was " + rowsShown);
    }
  }
}
