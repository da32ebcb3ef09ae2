package org.ropebridge.service;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes the same visits in one of the many untidy ways in which people's programs write them.
 *
 * @param habits how, in words
 */
record UntidyFile(String habits, byte[] bytes, int expectedAside) {
  private static final int ROWS = 60;
  private static final Charset WINDOWS = Charset.forName("windows-1252");

  /** A visit; the valley may be missing. */
  record Visit(String hut, String valley, LocalDate day, int guests, String takings) {
    List<String> row() {
      List<String> row = new ArrayList<>();
      row.add(hut);
      row.add(valley);
      row.add(day.toString());
      row.add(Integer.toString(guests));
      row.add(takings);
      return row;
    }
  }

  /** The visits themselves, the same on every run. */
  static List<Visit> visits() {
    Random random = new Random(7);
    String[] huts = {"Lärkspur Hut", "Gannet Hut", "Rook's Rest", "Sørli Hut", "Öde Hut"};
    String[] valleys = {"Ossel", "Quill", "Brannick", null};
    List<Visit> visits = new ArrayList<>();
    for (int i = 0; i < ROWS; i++) {
      visits.add(
          new Visit(
              huts[random.nextInt(huts.length)],
              valleys[random.nextInt(valleys.length)],
              LocalDate.of(2025, 1, 1).plusDays(random.nextInt(360)),
              1 + random.nextInt(4000),
              "%d.%d%d"
                  .formatted(random.nextInt(20_000), random.nextInt(10), 1 + random.nextInt(9))));
    }
    return visits;
  }

  private static final List<String> HEADING = List.of("Hut", "Valley", "Day", "Guests", "Takings");

  /** How a writer writes. */
  private static final class Writer {
    private Charset encoding = StandardCharsets.UTF_8;
    private byte[] mark = {};
    private char separator = ',';
    private String newline = "\n";
    private boolean quotesAll;
    private String days = "yyyy-MM-dd";
    private UnaryOperator<String> guests = n -> n;
    private UnaryOperator<String> takings = n -> n;
    private String missing = "";
    private final List<String> above = new ArrayList<>();
    private final List<String> below = new ArrayList<>();
    private List<String> heading = HEADING;
    private UnaryOperator<List<String>> rows = r -> r;
    private int every = 0;
    private String between = "";

    String line(List<String> cells) {
      StringBuilder line = new StringBuilder();
      for (int i = 0; i < cells.size(); i++) {
        String cell = cells.get(i);
        boolean quoted =
            quotesAll
                || cell.indexOf(separator) >= 0
                || cell.indexOf('"') >= 0
                || cell.indexOf('\n') >= 0;
        line.append(i > 0 ? Character.toString(separator) : "")
            .append(quoted ? "\"" + cell.replace("\"", "\"\"") + "\"" : cell);
      }
      return line.toString();
    }

    List<String> cells(Visit visit) {
      return rows.apply(
          new ArrayList<>(
              List.of(
                  visit.hut(),
                  visit.valley() == null ? missing : visit.valley(),
                  visit.day().format(DateTimeFormatter.ofPattern(days, Locale.ENGLISH)),
                  guests.apply(Integer.toString(visit.guests())),
                  takings.apply(visit.takings()))));
    }

    byte[] write() {
      List<String> lines = new ArrayList<>(above);
      if (heading != null) {
        lines.add(line(heading));
      }
      int count = 0;
      for (Visit visit : visits()) {
        lines.add(line(cells(visit)));
        if (every > 0 && ++count % every == 0) {
          lines.add(between);
        }
      }
      lines.addAll(below);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      out.writeBytes(mark);
      out.writeBytes((String.join(newline, lines) + newline).getBytes(encoding));
      return out.toByteArray();
    }
  }

  private static UntidyFile of(String habits, int aside, java.util.function.Consumer<Writer> how) {
    Writer writer = new Writer();
    how.accept(writer);
    return new UntidyFile(habits, writer.write(), aside);
  }

  private static String comma(String number) {
    return number.replace('.', ',');
  }

  private static String grouped(String number, char grouping, char decimal) {
    int point = number.indexOf('.');
    String whole = point < 0 ? number : number.substring(0, point);
    String rest = point < 0 ? "" : decimal + number.substring(point + 1);
    return whole.replaceAll("\\B(?=(\\d{3})+$)", Character.toString(grouping)) + rest;
  }

  private static long guests() {
    return visits().stream().mapToLong(Visit::guests).sum();
  }

  /** Thirty-one files that all hold the same visits. */
  static List<UntidyFile> all() {
    List<UntidyFile> files = new ArrayList<>();
    files.add(of("tidy", 0, w -> {}));
    files.add(of("lines end with CR LF", 0, w -> w.newline = "\r\n"));
    files.add(of("lines end with CR", 0, w -> w.newline = "\r"));
    files.add(of("UTF-8 with its mark", 0, w -> w.mark = new byte[] {-17, -69, -65}));
    files.add(
        of(
            "UTF-16 little-endian with its mark, tabs",
            0,
            w -> {
              w.encoding = StandardCharsets.UTF_16LE;
              w.mark = new byte[] {-1, -2};
              w.separator = '\t';
            }));
    files.add(of("UTF-16 big-endian without mark", 0, w -> w.encoding = StandardCharsets.UTF_16BE));
    files.add(
        of(
            "Windows' encoding, semicolons, decimal commas, points between days and months",
            0,
            w -> {
              w.encoding = WINDOWS;
              w.separator = ';';
              w.days = "d.M.yyyy";
              w.takings = UntidyFile::comma;
            }));
    files.add(
        of(
            "thousands grouped by points, decimal commas",
            0,
            w -> {
              w.separator = ';';
              w.guests = n -> grouped(n, '.', ',');
              w.takings = n -> grouped(n, '.', ',');
            }));
    files.add(
        of(
            "thousands grouped by commas",
            0,
            w -> {
              w.guests = n -> grouped(n, ',', '.');
              w.takings = n -> grouped(n, ',', '.');
            }));
    files.add(
        of(
            "thousands grouped by apostrophes, tabs",
            0,
            w -> {
              w.separator = '\t';
              w.takings = n -> grouped(n, '\'', '.');
            }));
    files.add(
        of(
            "thousands grouped by narrow spaces, decimal commas, bars",
            0,
            w -> {
              w.separator = '|';
              w.takings = n -> grouped(n, '\u202f', ',');
            }));
    files.add(of("everything in quotes", 0, w -> w.quotesAll = true));
    files.add(of("the month first", 0, w -> w.days = "MM/dd/yyyy"));
    files.add(of("the day first", 0, w -> w.days = "dd/MM/yyyy"));
    files.add(of("years of two digits", 0, w -> w.days = "d-M-yy"));
    files.add(of("months in words", 0, w -> w.days = "d MMM yyyy"));
    files.add(of("the month in words first", 0, w -> w.days = "MMMM d, yyyy"));
    files.add(of("days of eight digits", 0, w -> w.days = "yyyyMMdd"));
    files.add(of("midnight behind the day", 0, w -> w.days = "yyyy-MM-dd 00:00:00"));
    files.add(of("a currency before the number", 0, w -> w.takings = n -> "€ " + n));
    files.add(of("a currency code behind the number", 0, w -> w.takings = n -> n + " CHF"));
    files.add(
        of(
            "spaces around everything",
            0,
            w -> w.rows = r -> r.stream().map(c -> "  " + c + " \u00a0").toList()));
    files.add(
        of(
            "says its separator, which is odd",
            0,
            w -> {
              w.above.add("sep=^");
              w.separator = '^';
            }));
    files.add(
        of(
            "a title, an empty line, and the heading in the third line",
            1,
            w -> {
              w.above.add("Visits 2025,,,,");
              w.above.add(",,,,");
            }));
    files.add(
        of(
            "empty rows in between",
            0,
            w -> {
              w.every = 10;
              w.between = ",,,,";
            }));
    files.add(
        of(
            "the heading again on every page",
            0,
            w -> {
              w.every = 20;
              w.between = "Hut,Valley,Day,Guests,Takings";
            }));
    files.add(of("a row of totals", 1, w -> w.below.add("Total,,," + guests() + ",")));
    files.add(
        of(
            "a sum without a word, and a remark",
            2,
            w -> {
              w.below.add(",,," + guests() + ",");
              w.below.add(",,,,");
              w.below.add("Counted by the wardens,,,,");
            }));
    files.add(
        of(
            "empty columns",
            0,
            w -> {
              w.heading = List.of("Hut", "", "Valley", "Day", "Guests", "Takings", "", "");
              w.rows = r -> List.of(r.get(0), "", r.get(1), r.get(2), r.get(3), r.get(4), "", "");
            }));
    files.add(
        of(
            "rows that are too long, too short, or not numbers",
            3,
            w -> {
              w.below.add("Gannet Hut,Ossel,2025-01-01,5,1.50,again");
              w.below.add("Gannet Hut,Ossel,2025-01-01");
              w.below.add("Gannet Hut,Ossel,2025-01-01,many,1.50");
            }));
    files.add(
        of(
            "line breaks and quotes within cells",
            0,
            w -> {
              w.heading = List.of("Hut", "Valley", "Day", "Guests", "Takings", "Note");
              w.rows =
                  r -> {
                    r.add("\"late\",\nthen gone");
                    return r;
                  };
            }));
    files.add(new UntidyFile("a workbook", workbook(false), 0));
    files.add(
        new UntidyFile(
            "a workbook with titles, totals and an empty sheet first", workbook(true), 2));
    return files;
  }

  private static byte[] workbook(boolean untidy) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Workbook workbook = new Workbook(out, "test", "1.0")) {
      if (untidy) {
        workbook.newWorksheet("Notes");
      }
      Worksheet sheet = workbook.newWorksheet("Visits");
      int row = 0;
      if (untidy) {
        sheet.value(0, 1, "Visits 2025");
        row = 2;
      }
      for (int i = 0; i < HEADING.size(); i++) {
        sheet.value(row, i, HEADING.get(i));
      }
      for (Visit visit : visits()) {
        row++;
        sheet.value(row, 0, visit.hut());
        sheet.value(row, 1, visit.valley());
        sheet.value(row, 2, visit.day());
        sheet.style(row, 2).format("d/m/yy").set();
        sheet.value(row, 3, visit.guests());
        sheet.value(row, 4, Double.parseDouble(visit.takings()));
      }
      if (untidy) {
        sheet.value(row + 1, 3, guests());
      }
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
