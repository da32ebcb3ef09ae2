package org.ropebridge.upload;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * Sees every row of a file once, in order, and proposes how to take it in. Keeps counts, the first
 * hundred rows until the heading is known, and the last few because they may be totals.
 */
public final class Detection {
  private static final int ROWS_FOR_HEADING = 100;
  private static final int ROWS_FOR_TOTALS = 10;

  private final boolean sheet;
  private final char separator;
  private final List<Long> headerLines;
  private final List<RawRow> first = new ArrayList<>();
  private final Deque<Held> last = new ArrayDeque<>();
  private final List<ColumnTally> columns = new ArrayList<>();
  private final SortedMap<Long, String> out = new TreeMap<>();
  private final List<FileNote> notes = new ArrayList<>();
  private HeaderSearch.Found heading;
  private RowJudge judge;
  private long blank;
  private long again;
  private long subtotals;

  /**
   * Begins.
   *
   * @param sheet whether the rows come from a sheet
   * @param separator what stands between cells; ignored for a sheet
   * @param headerLines lines of the heading as the author knows them, empty for no heading; null to
   *     find it
   */
  public Detection(boolean sheet, char separator, List<Long> headerLines) {
    this.sheet = sheet;
    this.separator = separator;
    this.headerLines = headerLines == null ? null : List.copyOf(headerLines);
  }

  /** The next row. */
  public void add(RawRow row) {
    if (heading != null) {
      below(row);
      return;
    }
    first.add(row);
    if (first.size() == ROWS_FOR_HEADING) {
      settleHeading();
    }
  }

  private void settleHeading() {
    HeaderSearch search = new HeaderSearch(first, sheet);
    heading = headerLines == null ? search.find() : search.at(headerLines);
    judge = new RowJudge(heading.last(), heading.names().size(), sheet);
    heading.names().forEach(n -> columns.add(new ColumnTally()));
    for (RawRow title : heading.titles()) {
      out.put(title.line(), "stands above the heading");
    }
    blank = first.stream().filter(r -> r.line() < heading.firstLine() && r.isBlank()).count();
    first.stream().filter(r -> r.line() >= heading.firstLine()).forEach(this::below);
    first.clear();
  }

  private void below(RawRow row) {
    switch (judge.judge(row)) {
      case BLANK -> blank++;
      case HEADER_AGAIN -> again++;
      case SUBTOTAL -> {
        subtotals++;
        hold(new Held(row, true));
      }
      default -> hold(new Held(row, false));
    }
  }

  /** A row that may be one of the last. */
  private record Held(RawRow row, boolean subtotal) {}

  /** Rows are counted when it is clear that they are not the last ones. */
  private void hold(Held held) {
    last.addLast(held);
    if (last.size() > ROWS_FOR_TOTALS) {
      count(last.removeFirst());
    }
  }

  private void count(Held held) {
    RawRow row = held.row();
    boolean isTooShort = !sheet && row.cells().size() < columns.size();
    if (held.subtotal() || isTooShort || row.filledWidth() > columns.size()) {
      return;
    }
    for (int i = 0; i < columns.size(); i++) {
      columns.get(i).add(row.line(), row.cell(i));
    }
  }

  /** What was found, once all rows were seen. */
  public record Result(FileForm form, List<FileNote> notes) {}

  /**
   * Ends.
   *
   * @throws Untakable if there is nothing to take in
   */
  public Result finish() {
    if (heading == null) {
      settleHeading();
    }
    if (columns.isEmpty()) {
      throw new Untakable("The file has no cells with anything in them.");
    }
    takeOffTheEnd();
    last.forEach(this::count);
    last.clear();
    List<String> names = ColumnNames.of(heading.names());
    FileHabits habits = FileHabits.of(columns, sheet, separator);
    tellOfRows();
    List<ColumnForm> forms = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      ColumnGuess guess = new ColumnGuess(columns.get(i), names.get(i), habits);
      ColumnForm form = guess.form(i, heading.names().get(i));
      forms.add(form);
      tellOfName(form);
      notes.addAll(guess.notes());
    }
    return new Result(
        new FileForm(
            heading.lines(),
            heading.firstLine(),
            columns.size(),
            sheet,
            heading.last(),
            forms,
            out),
        List.copyOf(notes));
  }

  /** Totals and remarks below the table, from the last row upwards. */
  private void takeOffTheEnd() {
    while (!last.isEmpty() && columns.size() > 1) {
      Held held = last.peekLast();
      String reason = whyNoRow(held.row());
      if (reason == null) {
        return;
      }
      out.put(held.row().line(), reason);
      subtotals -= held.subtotal() ? 1 : 0;
      last.removeLast();
    }
  }

  private String whyNoRow(RawRow row) {
    if (isRemark(row)) {
      return "is a remark below the table";
    }
    List<RawRow> above =
        last.stream().filter(h -> !h.subtotal() && h.row() != row).map(Held::row).toList();
    boolean isTotal = last.size() > 1 && Totals.isTotal(row, columns, above);
    return isTotal ? "is a row of totals" : null;
  }

  /** One text alone; in a table whose rows mostly have one cell filled, that is a row. */
  private boolean isRemark(RawRow row) {
    boolean alone =
        row.filled() == 1
            && columns.size() > 2
            && Shapes.of(CellText.tidy(row.firstFilled())).shape() == Shape.TEXT;
    return alone
        && (columns.get(1).present() > 0 || last.stream().anyMatch(h -> h.row().filled() > 2));
  }

  private void tellOfRows() {
    if (heading.lines().isEmpty()) {
      tell("the file has no heading; its columns are numbered");
    } else if (heading.lines().size() > 1) {
      tell("the file has its heading in lines " + lines(heading.lines()) + ", which are joined");
    } else if (heading.lines().get(0) > 1) {
      tell("the file has its heading in line " + heading.lines().get(0));
    }
    out.forEach((line, reason) -> tell("line " + line + " " + reason + " and is put aside"));
    tellCount(blank, "empty row is left out", "empty rows are left out");
    tellCount(
        again,
        "row that repeats the heading is left out",
        "rows that repeat the heading are left out");
    tellCount(subtotals, "row of subtotals is put aside", "rows of subtotals are put aside");
  }

  private static String lines(List<Long> lines) {
    return lines.get(0) + " to " + lines.get(lines.size() - 1);
  }

  private void tellCount(long count, String one, String many) {
    if (count > 0) {
      tell("%,d %s".formatted(count, count == 1 ? one : many));
    }
  }

  private void tell(String text) {
    notes.add(new FileNote("", text, false));
  }

  private void tellOfName(ColumnForm form) {
    if (!form.kept()) {
      notes.add(
          new FileNote("", "column " + (form.index() + 1) + " is empty and is left out", false));
    } else if (form.header().isEmpty() && !heading.lines().isEmpty()) {
      notes.add(
          new FileNote(
              form.name(), "is column " + (form.index() + 1) + ", which has no name", false));
    } else if (!form.header().isEmpty() && !isTheSame(form.header(), form.name())) {
      notes.add(
          new FileNote(form.name(), "is called \"" + form.header() + "\" in the file", false));
    }
  }

  private static boolean isTheSame(String header, String name) {
    return header.toLowerCase(Locale.ROOT).replace(' ', '_').equals(name);
  }
}
