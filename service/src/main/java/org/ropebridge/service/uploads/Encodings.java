package org.ropebridge.service.uploads;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.ropebridge.upload.Untakable;

/**
 * Finds the encoding of a text file. All of it is read: UTF-8 is certain only at the end. Other
 * encodings are told apart by ICU's detector, from pieces that are not plain ASCII.
 */
final class Encodings {
  private static final int PIECE = 1 << 16;
  private static final int MOST_PIECES = 8;

  /** So many more letters than faults, and the file is UTF-8 that was damaged. */
  private static final int DAMAGED = 10;

  /** One file in ten characters has no more NUL bytes than this, unless it is UTF-16. */
  private static final double MANY_NULS = 0.2;

  /** What single-byte text can be; the detector also knows encodings that nobody exports. */
  private static final Set<String> LIKELY =
      Set.of(
          "windows-1252",
          "windows-1250",
          "windows-1251",
          "windows-1253",
          "windows-1254",
          "ISO-8859-1",
          "ISO-8859-2",
          "ISO-8859-5",
          "ISO-8859-7",
          "ISO-8859-9",
          "Shift_JIS",
          "GB18030",
          "Big5",
          "EUC-JP",
          "EUC-KR",
          "KOI8-R");

  private final ByteArrayOutputStream pieces = new ByteArrayOutputStream();
  private int pieceCount;
  private long letters;
  private long faults;
  private long nulsAtEven;
  private long nulsAtOdd;
  private long bytes;
  private int following;

  private Encodings() {}

  /**
   * The encoding of a file.
   *
   * @throws Untakable if it is no text
   */
  static Charset of(Path file) throws IOException {
    Encodings encodings = new Encodings();
    try (InputStream in = Files.newInputStream(file)) {
      byte[] piece = new byte[PIECE];
      boolean isFirst = true;
      for (int read; (read = in.readNBytes(piece, 0, PIECE)) > 0; ) {
        Charset marked = isFirst ? marked(piece, read) : null;
        if (marked != null) {
          return marked;
        }
        isFirst = false;
        encodings.add(piece, read);
      }
    }
    return encodings.decide();
  }

  private static Charset marked(byte[] piece, int read) {
    int first = read > 0 ? piece[0] & 0xff : 0;
    int second = read > 1 ? piece[1] & 0xff : 0;
    int third = read > 2 ? piece[2] & 0xff : 0;
    if (first == 0xef && second == 0xbb && third == 0xbf) {
      return StandardCharsets.UTF_8;
    }
    if (first == 0xff && second == 0xfe) {
      return StandardCharsets.UTF_16LE;
    }
    return first == 0xfe && second == 0xff ? StandardCharsets.UTF_16BE : null;
  }

  private void add(byte[] piece, int read) {
    boolean plain = true;
    for (int i = 0; i < read; i++) {
      int b = piece[i] & 0xff;
      plain &= b < 0x80;
      if (b == 0) {
        if ((bytes + i) % 2 == 0) {
          nulsAtEven++;
        } else {
          nulsAtOdd++;
        }
      }
      utf8(b);
    }
    bytes += read;
    if (!plain && pieceCount < MOST_PIECES) {
      pieceCount++;
      pieces.write(piece, 0, read);
    }
  }

  /** Counts letters of several bytes, and bytes that are none of UTF-8 (RFC 3629). */
  private void utf8(int b) {
    if (following > 0) {
      if ((b & 0xc0) == 0x80) {
        if (--following == 0) {
          letters++;
        }
        return;
      }
      faults++;
      following = 0;
    }
    if (b >= 0xc2 && b <= 0xdf) {
      following = 1;
    } else if (b >= 0xe0 && b <= 0xef) {
      following = 2;
    } else if (b >= 0xf0 && b <= 0xf4) {
      following = 3;
    } else if (b >= 0x80) {
      faults++;
    }
  }

  private Charset decide() {
    if (nulsAtOdd > MANY_NULS * bytes && nulsAtEven < nulsAtOdd / DAMAGED) {
      return StandardCharsets.UTF_16LE;
    }
    if (nulsAtEven > MANY_NULS * bytes && nulsAtOdd < nulsAtEven / DAMAGED) {
      return StandardCharsets.UTF_16BE;
    }
    if (nulsAtEven + nulsAtOdd > 0) {
      throw new Untakable(
          "This is no text file: it has NUL bytes in it. Bring a CSV file or a workbook (.xlsx).");
    }
    if (faults == 0 || letters > DAMAGED * faults) {
      return StandardCharsets.UTF_8;
    }
    CharsetMatch[] matches = new CharsetDetector().setText(pieces.toByteArray()).detectAll();
    for (CharsetMatch match : matches) {
      if (LIKELY.contains(match.getName()) && Charset.isSupported(match.getName())) {
        // Windows' encodings have letters where ISO's have control characters.
        return match.getName().equals("ISO-8859-1")
            ? Charset.forName("windows-1252")
            : Charset.forName(match.getName());
      }
    }
    return Charset.forName("windows-1252");
  }
}
