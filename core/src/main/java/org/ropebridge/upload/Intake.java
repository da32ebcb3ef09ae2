package org.ropebridge.upload;

import java.util.ArrayList;
import java.util.List;

/**
 * Takes the rows of a file in, as its form says. Sees every row once, in order; none is lost: each
 * is taken in, put aside with a reason, or is empty or the heading again and counted.
 */
public final class Intake {
  private final FileForm form;
  private final List<ColumnForm> columns;
  private final List<CellReader> readers;
  private final RowJudge judge;
  private final Sink sink;
  private long taken;
  private long aside;
  private long leftOut;

  /** Where rows go. */
  public interface Sink {
    /** A row of the table: a text for each kept column, null where it holds nothing. */
    void row(List<String> values);

    /** A row that does not fit. */
    void aside(Aside row);
  }

  /**
   * Begins.
   *
   * @throws Untakable if the author has yet to say something, or no column is kept
   */
  public Intake(FileForm form, Sink sink) {
    this.form = form;
    this.columns = form.kept();
    this.sink = sink;
    if (columns.isEmpty()) {
      throw new Untakable("Every column is left out. Keep at least one.");
    }
    for (ColumnForm column : columns) {
      if (column.isOpen()) {
        throw new Untakable(
            "Say first how \""
                + column.name()
                + "\" is to be read: "
                + (column.kind() == Kind.DAY || column.kind() == Kind.MOMENT
                    ? "whether the day or the month stands first."
                    : "whether the point or the comma stands before decimals."));
      }
    }
    this.readers = columns.stream().map(CellReader::new).toList();
    this.judge = new RowJudge(form.lastHeader(), form.width(), form.sheet());
  }

  /** The next row. */
  public void add(RawRow row) {
    String reason = form.out().get(row.line());
    if (reason != null) {
      putAside(row, reason);
      return;
    }
    if (row.line() < form.firstLine()) {
      leftOut++;
      return;
    }
    switch (judge.judge(row)) {
      case BLANK, HEADER_AGAIN -> leftOut++;
      case SUBTOTAL -> putAside(row, "is a row of subtotals");
      case TOO_LONG, TOO_SHORT ->
          putAside(
              row,
              "has %d cells where there are %d columns"
                  .formatted(Math.max(row.cells().size(), row.filledWidth()), form.width()));
      case ROW -> take(row);
    }
  }

  private void take(RawRow row) {
    List<String> values = new ArrayList<>(columns.size());
    for (int i = 0; i < columns.size(); i++) {
      try {
        values.add(readers.get(i).read(row.cell(columns.get(i).index())));
      } catch (Misfit e) {
        putAside(row, columns.get(i).name() + ": " + e.getMessage());
        return;
      }
    }
    taken++;
    sink.row(values);
  }

  private void putAside(RawRow row, String reason) {
    aside++;
    sink.aside(new Aside(row.line(), reason, row.cells()));
  }

  /** Rows of the table so far. */
  public long taken() {
    return taken;
  }

  /** Rows put aside so far. */
  public long aside() {
    return aside;
  }

  /** Lines that are no rows: empty ones and headings. */
  public long leftOut() {
    return leftOut;
  }
}
