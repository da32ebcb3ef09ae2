package org.ropebridge.upload;

import java.util.List;

/**
 * A row that was not taken in.
 *
 * @param line where it begins in the file
 * @param reason why, for the author
 * @param cells what stood in it
 */
public record Aside(long line, String reason, List<String> cells) {
  public Aside {
    cells = List.copyOf(cells);
  }
}
