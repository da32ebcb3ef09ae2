package org.ropebridge.service.uploads;

import java.util.function.Consumer;
import org.ropebridge.upload.RawRow;

/** A file that can be read from its beginning, again and again. */
interface RawRows {
  /** How it was opened; nothing is left to find out. */
  Opening opening();

  /** What is remarkable about how it was opened, for the author; empty for nothing. */
  String remark();

  /**
   * Hands over every row in order.
   *
   * @param bytes told now and then, how much of the file was read
   * @throws org.ropebridge.upload.Untakable if the file is broken, saying where
   */
  void each(Consumer<RawRow> row, Consumer<Long> bytes);
}
