package org.ropebridge.service.uploads;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.ropebridge.upload.Untakable;

/** Opens a file by what is in it, whatever it is called. */
final class Opener {
  private static final int FIRST_BYTES = 8;
  private static final int GZIP = 0x1f8b;

  private Opener() {}

  /**
   * Opens a file.
   *
   * @param wanted how, as far as the author said so
   * @throws Untakable if it is no text file and no workbook, saying what to do
   */
  static RawRows open(Path file, Opening wanted) {
    try {
      byte[] first = first(file);
      if (first.length == 0) {
        throw new Untakable("The file is empty.");
      }
      if (first.length == FIRST_BYTES && ReadableWorkbook.isOLE2Header(first)) {
        throw new Untakable(
            "This is a workbook in an old format, or one with a password. Save it as .xlsx without"
                + " a password, or as CSV, and bring that.");
      }
      if (first.length > 1 && ((first[0] & 0xff) << 8 | first[1] & 0xff) == GZIP) {
        throw new Untakable("The file is packed (gzip). Unpack it and bring what is in it.");
      }
      if (first.length > 3 && first[0] == 'P' && first[1] == 'K') {
        return SheetRows.open(file, wanted);
      }
      if (new String(first, java.nio.charset.StandardCharsets.ISO_8859_1).startsWith("%PDF")) {
        throw new Untakable(
            "This is a PDF. Bring the table that it was made from, as CSV or .xlsx.");
      }
      return TextRows.open(file, wanted);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] first(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return in.readNBytes(FIRST_BYTES);
    }
  }
}
