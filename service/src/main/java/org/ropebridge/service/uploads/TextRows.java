package org.ropebridge.service.uploads;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.BufferedReader;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.UnsupportedCharsetException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ropebridge.upload.RawRow;
import org.ropebridge.upload.Untakable;

/** The rows of a text file whose cells stand between separators (RFC 4180, and what people do). */
final class TextRows implements RawRows {
  private static final int START = 1 << 16;

  /** A cell is not longer; a quote that is not closed would take the rest of the file. */
  private static final int LONGEST_CELL = 1 << 20;

  private static final int ROWS_BETWEEN_SIGNS = 20_000;

  /** Some spreadsheets say in the first line what the separator is. */
  private static final Pattern SAYS_SEPARATOR =
      Pattern.compile("\ufeff?\"?sep=(.)\"?\\s*[\r\n].*", Pattern.DOTALL);

  private final Path file;
  private final Charset encoding;
  private final char separator;
  private final boolean saysSeparator;

  private TextRows(Path file, Charset encoding, char separator, boolean saysSeparator) {
    this.file = file;
    this.encoding = encoding;
    this.separator = separator;
    this.saysSeparator = saysSeparator;
  }

  static TextRows open(Path file, Opening wanted) throws IOException {
    Charset encoding = wanted.encoding() == null ? Encodings.of(file) : charset(wanted.encoding());
    String start = start(file, encoding);
    Matcher says = SAYS_SEPARATOR.matcher(start);
    boolean saysSo = says.matches();
    char separator;
    if (wanted.separator() != null) {
      separator = separator(wanted.separator());
    } else if (saysSo) {
      separator = says.group(1).charAt(0);
    } else {
      separator = Separators.of(start);
    }
    return new TextRows(file, encoding, separator, saysSo);
  }

  private static Charset charset(String name) {
    try {
      return Charset.forName(name);
    } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
      throw new Untakable(
          "There is no encoding \""
              + name
              + "\". Say UTF-8, UTF-16, windows-1252 or another"
              + " registered name.",
          e);
    }
  }

  private static char separator(String text) {
    String plain = text.equals("\\t") || text.equalsIgnoreCase("tab") ? "\t" : text;
    if (plain.length() != 1 || Character.isLetterOrDigit(plain.charAt(0)) || plain.equals("\"")) {
      throw new Untakable("A separator is one character, such as ; or tab; not \"" + text + "\".");
    }
    return plain.charAt(0);
  }

  private static String start(Path file, Charset encoding) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return new String(in.readNBytes(START), encoding);
    }
  }

  static CsvReader.CsvReaderBuilder csv(char separator) {
    return CsvReader.builder()
        .fieldSeparator(separator)
        .skipEmptyLines(false)
        .allowExtraFields(true)
        .allowMissingFields(true)
        .allowExtraCharsAfterClosingQuote(true)
        .maxBufferSize(LONGEST_CELL);
  }

  @Override
  public Opening opening() {
    return new Opening(encoding.name(), Character.toString(separator), null, List.of());
  }

  @Override
  public String remark() {
    return "the file is read as "
        + encoding.name()
        + " with "
        + switch (separator) {
          case ',' -> "commas";
          case ';' -> "semicolons";
          case '\t' -> "tabs";
          case '|' -> "bars";
          default -> "\"" + separator + "\"";
        }
        + " between cells";
  }

  @Override
  public void each(Consumer<RawRow> row, Consumer<Long> bytes) {
    try (Counting in = new Counting(Files.newInputStream(file));
        Reader reader = new BufferedReader(new InputStreamReader(in, encoding));
        CsvReader<CsvRecord> csv = csv(separator).ofCsvRecord(reader)) {
      long last = 0;
      long rows = 0;
      try {
        for (CsvRecord csvRow : csv) {
          last = csvRow.getStartingLineNumber();
          if (last > 1 || !saysSeparator) {
            row.accept(new RawRow(last, csvRow.getFields()));
          }
          if (++rows % ROWS_BETWEEN_SIGNS == 0) {
            bytes.accept(in.count);
          }
        }
      } catch (CsvParseException e) {
        throw new Untakable(
            "The row after line "
                + last
                + " cannot be read: a cell in it is longer than a million characters. Most likely"
                + " a quote that opens there is never closed.",
            e);
      }
      bytes.accept(in.count);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Counts what was read. */
  private static final class Counting extends FilterInputStream {
    private long count;

    Counting(InputStream in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int b = super.read();
      count += b < 0 ? 0 : 1;
      return b;
    }

    @Override
    public int read(byte[] target, int from, int most) throws IOException {
      int read = super.read(target, from, most);
      count += Math.max(read, 0);
      return read;
    }
  }
}
