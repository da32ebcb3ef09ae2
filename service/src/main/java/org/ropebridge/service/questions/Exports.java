package org.ropebridge.service.questions;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.ropebridge.sql.OutputColumn;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.dataformat.csv.CsvMapper;

/** Writes the rows of an answer in open formats: CSV (RFC 4180), JSON (RFC 8259), XLSX, Parquet. */
@Component
class Exports {
  private static final int LONGEST_SHEET_NAME = 31;
  private static final int LONGEST_FILE_NAME = 80;

  private final JsonMapper json;
  private final CsvMapper csv = new CsvMapper();

  Exports(JsonMapper json) {
    this.json = json;
  }

  /**
   * Rows to be taken along.
   *
   * @param title the restatement
   */
  record Table(String title, List<OutputColumn> columns, List<List<Object>> rows) {
    /** A file name that every system can keep. */
    String fileName(Format format) {
      String plain = title.replaceAll("[^A-Za-z0-9]+", "-").replaceAll("^-|-$", "");
      String name = plain.substring(0, Math.min(plain.length(), LONGEST_FILE_NAME));
      return (name.isEmpty() ? "answer" : name) + "." + format.ending;
    }
  }

  /** Formats of files. */
  enum Format {
    CSV(MediaType.parseMediaType("text/csv;charset=UTF-8"), "csv"),
    XLSX(
        MediaType.parseMediaType(
            "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"),
        "xlsx"),
    PARQUET(MediaType.parseMediaType("application/vnd.apache.parquet"), "parquet"),
    JSON(MediaType.APPLICATION_JSON, "json");

    private final MediaType type;
    private final String ending;

    Format(MediaType type, String ending) {
      this.type = type;
      this.ending = ending;
    }

    MediaType type() {
      return type;
    }

    /** The first format that a request accepts. */
    static Optional<Format> of(List<MediaType> accepted) {
      for (MediaType media : accepted) {
        for (Format format : values()) {
          if (media.isCompatibleWith(format.type)) {
            return Optional.of(format);
          }
        }
      }
      return Optional.empty();
    }
  }

  /** Writes the table; the stream stays open. */
  void write(Table table, Format format, OutputStream out) throws IOException {
    switch (format) {
      case CSV -> csv(table, out);
      case XLSX -> xlsx(table, out);
      case PARQUET -> ParquetRows.write(table, out);
      case JSON -> json(table, out);
    }
  }

  /**
   * A row of headings, then the rows; missing values are empty. Text that spreadsheets would run as
   * a formula gets an apostrophe in front.
   */
  private void csv(Table table, OutputStream out) throws IOException {
    Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    try (SequenceWriter rows =
        csv.writer()
            .without(tools.jackson.core.StreamWriteFeature.AUTO_CLOSE_TARGET)
            .writeValues(writer)) {
      rows.write(table.columns().stream().map(c -> harmless(c.name())).toList());
      for (List<Object> row : table.rows()) {
        rows.write(row.stream().map(Exports::cell).toList());
      }
    }
    writer.flush();
  }

  private static Object cell(Object value) {
    if (value instanceof String text) {
      return harmless(text);
    }
    return value instanceof BigDecimal number ? number.toPlainString() : value;
  }

  private static String harmless(String text) {
    boolean formula = !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
    return formula ? "'" + text : text;
  }

  /** An array of objects, with the headings as names. */
  private void json(Table table, OutputStream out) {
    List<Map<String, Object>> objects = new ArrayList<>(table.rows().size());
    for (List<Object> row : table.rows()) {
      Map<String, Object> object = new LinkedHashMap<>();
      for (int i = 0; i < table.columns().size(); i++) {
        object.put(table.columns().get(i).name(), row.get(i));
      }
      objects.add(object);
    }
    json.writer()
        .without(tools.jackson.core.StreamWriteFeature.AUTO_CLOSE_TARGET)
        .writeValue(out, objects);
  }

  /** One sheet with bold headings; numbers are numbers. */
  private static void xlsx(Table table, OutputStream out) throws IOException {
    Workbook book = new Workbook(out, "Rope Bridge", "1.0");
    Worksheet sheet = book.newWorksheet(sheetName(table.title()));
    for (int i = 0; i < table.columns().size(); i++) {
      sheet.value(0, i, table.columns().get(i).name());
    }
    sheet.range(0, 0, 0, Math.max(0, table.columns().size() - 1)).style().bold().set();
    sheet.freezePane(0, 1);
    for (int r = 0; r < table.rows().size(); r++) {
      List<Object> row = table.rows().get(r);
      for (int i = 0; i < row.size(); i++) {
        value(sheet, r + 1, i, row.get(i));
      }
    }
    book.finish();
  }

  private static void value(Worksheet sheet, int row, int column, Object value) {
    if (value instanceof Number number) {
      sheet.value(row, column, number);
    } else if (value instanceof Boolean flag) {
      sheet.value(row, column, flag);
    } else if (value != null) {
      sheet.value(row, column, value.toString());
    }
  }

  private static String sheetName(String title) {
    String plain = title.replaceAll("[\\[\\]:*?/\\\\']", " ").strip();
    return plain.isEmpty()
        ? "Answer"
        : plain.substring(0, Math.min(plain.length(), LONGEST_SHEET_NAME)).strip();
  }
}
