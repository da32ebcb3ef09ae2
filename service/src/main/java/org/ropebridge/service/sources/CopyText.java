package org.ropebridge.service.sources;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.List;

/** Rows in the text format of PostgreSQL's {@code COPY}. */
final class CopyText {
  private CopyText() {}

  /** Writes a row; null is a missing value. */
  static void write(Writer out, List<String> values) {
    try {
      for (int i = 0; i < values.size(); i++) {
        if (i > 0) {
          out.write('\t');
        }
        write(out, values.get(i));
      }
      out.write('\n');
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void write(Writer out, String value) throws IOException {
    if (value == null) {
      out.write("\\N");
      return;
    }
    for (int i = 0; i < value.length(); i++) {
      char c = value.charAt(i);
      switch (c) {
        case '\\' -> out.write("\\\\");
        case '\t' -> out.write("\\t");
        case '\n' -> out.write("\\n");
        case '\r' -> out.write("\\r");
        default -> out.write(c);
      }
    }
  }
}
