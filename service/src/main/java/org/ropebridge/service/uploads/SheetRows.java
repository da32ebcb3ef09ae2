package org.ropebridge.service.uploads;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.ropebridge.upload.RawRow;
import org.ropebridge.upload.Untakable;

/** The rows of a workbook's sheet (Office Open XML, ISO/IEC 29500). */
final class SheetRows implements RawRows {
  private static final ReadingOptions OPTIONS = new ReadingOptions(true, true);

  /** A workbook keeps its texts apart, and they are all held while it is read. */
  private static final long MOST_TEXTS = 128L << 20;

  /** Spreadsheets show no more digits; further ones come from binary fractions. */
  private static final MathContext SHOWN = new MathContext(15);

  private static final String TEXTS = "xl/sharedStrings.xml";
  private static final String WORKBOOK = "xl/workbook.xml";
  private static final int ROWS_BETWEEN_SIGNS = 5_000;

  private final Path file;
  private final String sheet;
  private final List<String> sheets;

  private SheetRows(Path file, String sheet, List<String> sheets) {
    this.file = file;
    this.sheet = sheet;
    this.sheets = List.copyOf(sheets);
  }

  static SheetRows open(Path file, Opening wanted) throws IOException {
    check(file);
    try (ReadableWorkbook workbook = new ReadableWorkbook(file.toFile(), OPTIONS)) {
      List<Sheet> all = workbook.getSheets().toList();
      List<String> names = all.stream().map(Sheet::getName).toList();
      if (wanted.sheet() != null && !names.contains(wanted.sheet())) {
        throw new Untakable(
            "There is no sheet \""
                + wanted.sheet()
                + "\". There are: "
                + String.join(", ", names)
                + ".");
      }
      String sheet = wanted.sheet();
      for (int i = 0; sheet == null && i < all.size(); i++) {
        if (hasRows(all.get(i))) {
          sheet = names.get(i);
        }
      }
      if (sheet == null) {
        throw new Untakable("No sheet of the workbook has anything in it.");
      }
      return new SheetRows(file, sheet, names);
    } catch (ExcelReaderException e) {
      throw broken(e);
    }
  }

  /** Whether it is a workbook that can be held. */
  private static void check(Path file) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      if (zip.getEntry(WORKBOOK) == null) {
        throw new Untakable(
            "This is an archive (ZIP), and no workbook in .xlsx format. Unpack it, or save the"
                + " table as .xlsx or CSV.");
      }
      ZipEntry texts = zip.getEntry(TEXTS);
      if (texts != null && texts.getSize() > MOST_TEXTS) {
        throw new Untakable(
            "The workbook has more than 128 MB of texts. Save its sheet as CSV and bring that.");
      }
    } catch (ZipException e) {
      throw broken(e);
    }
  }

  private static Untakable broken(Exception e) {
    return new Untakable(
        "The workbook is damaged and cannot be read. Open it, save it anew, and bring that.", e);
  }

  private static boolean hasRows(Sheet sheet) throws IOException {
    try (Stream<Row> rows = sheet.openStream()) {
      return rows.anyMatch(r -> r.stream().anyMatch(c -> c != null && !text(c).isBlank()));
    }
  }

  @Override
  public Opening opening() {
    return new Opening(null, null, sheet, sheets);
  }

  @Override
  public String remark() {
    return sheets.size() == 1
        ? "the file is a workbook with one sheet"
        : "the file is a workbook; of its %d sheets \"%s\" is taken"
            .formatted(sheets.size(), sheet);
  }

  @Override
  public void each(Consumer<RawRow> row, Consumer<Long> bytes) {
    long[] count = {0};
    try (ReadableWorkbook workbook = new ReadableWorkbook(file.toFile(), OPTIONS);
        Stream<Row> rows = workbook.findSheet(sheet).orElseThrow().openStream()) {
      rows.forEach(
          r -> {
            row.accept(new RawRow(r.getRowNum(), cells(r)));
            if (++count[0] % ROWS_BETWEEN_SIGNS == 0) {
              bytes.accept(0L);
            }
          });
    } catch (ExcelReaderException e) {
      throw broken(e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<String> cells(Row row) {
    List<String> cells = new ArrayList<>(row.getCellCount());
    for (int i = 0; i < row.getCellCount(); i++) {
      cells.add(row.getOptionalCell(i).map(SheetRows::text).orElse(""));
    }
    return cells;
  }

  /** What a cell holds: days and times in ISO 8601, numbers with all their digits. */
  private static String text(Cell cell) {
    Object value = cell.getValue();
    if (cell.getType() == CellType.ERROR) {
      return cell.getRawValue() == null ? "#VALUE!" : cell.getRawValue();
    }
    if (value == null || cell.getType() == CellType.EMPTY) {
      return "";
    }
    if (value instanceof BigDecimal number) {
      return number(cell, number);
    }
    return value.toString();
  }

  private static String number(Cell cell, BigDecimal number) {
    String format = cell.getDataFormatString();
    if (format != null && isDate(format) && number.signum() >= 0) {
      LocalDateTime moment = cell.asDate();
      boolean timeOnly = number.compareTo(BigDecimal.ONE) < 0 && number.signum() > 0;
      if (timeOnly) {
        return moment.toLocalTime().toString();
      }
      return moment.toLocalTime().equals(LocalTime.MIDNIGHT)
          ? moment.toLocalDate().toString()
          : moment.toString();
    }
    if (format != null && format.contains("%")) {
      return number.movePointRight(2).round(SHOWN).stripTrailingZeros().toPlainString() + "%";
    }
    return number.round(SHOWN).stripTrailingZeros().toPlainString();
  }

  /** Whether a number format shows days or times: its letters stand outside of quotes. */
  private static boolean isDate(String format) {
    String plain = format.replaceAll("\"[^\"]*\"|\\\\.|\\[[^\\]]*\\]", "").toLowerCase(Locale.ROOT);
    return !plain.contains("general")
        && plain.matches(".*[ymdhs].*")
        && !plain.matches(".*[#0?].*");
  }
}
