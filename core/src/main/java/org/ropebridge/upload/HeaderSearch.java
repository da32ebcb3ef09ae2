package org.ropebridge.upload;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Finds the heading of a file among its first rows: titles may stand above it, and it may take
 * several rows, as when a year stands over the columns of that year.
 */
final class HeaderSearch {
  private static final int MOST_HEADER_ROWS = 3;
  private static final int YEAR_DIGITS = 4;
  private static final int FIRST_YEAR = 1900;
  private static final int LAST_YEAR = 2100;
  private static final double FULL = 0.6;

  private final List<RawRow> rows;
  private final boolean sheet;

  HeaderSearch(List<RawRow> first, boolean sheet) {
    this.rows = first.stream().filter(r -> !r.isBlank()).toList();
    this.sheet = sheet;
  }

  /**
   * What was found.
   *
   * @param lines of the heading; none when there is none
   * @param titles rows that stand above it
   * @param firstLine the first line that can be a row
   * @param names what stands above each column; its size is how wide a row is
   * @param last the cells of the heading's last row
   */
  record Found(
      List<Long> lines,
      List<RawRow> titles,
      long firstLine,
      List<String> names,
      List<String> last) {}

  Found find() {
    int common = commonWidth();
    int first = 0;
    while (first < rows.size() && !isFull(rows.get(first), common)) {
      first++;
    }
    if (first == rows.size()) {
      first = 0;
    }
    int end = first;
    while (end < rows.size()
        && end - first < MOST_HEADER_ROWS
        && isHeader(end, end == first, common)) {
      end++;
    }
    if (end == first) {
      return found(first, first, common);
    }
    int begin = first;
    while (begin > 0 && isGroups(rows.get(begin - 1)) && end - begin < MOST_HEADER_ROWS) {
      begin--;
    }
    return found(begin, end, common);
  }

  /** A heading that the author named; none for a file without. */
  Found at(List<Long> lines) {
    if (lines.isEmpty()) {
      return found(0, 0, commonWidth());
    }
    int begin = 0;
    while (begin < rows.size() && rows.get(begin).line() < lines.get(0)) {
      begin++;
    }
    int end = begin;
    while (end < rows.size() && rows.get(end).line() <= lines.get(lines.size() - 1)) {
      end++;
    }
    return found(begin, end, commonWidth());
  }

  private Found found(int begin, int end, int common) {
    List<RawRow> heading = rows.subList(begin, end);
    int width = heading.isEmpty() ? common : widthUnder(heading);
    List<String> last =
        heading.isEmpty()
            ? List.of()
            : heading.get(heading.size() - 1).cells().stream().map(CellText::tidy).toList();
    return new Found(
        heading.stream().map(RawRow::line).toList(),
        rows.subList(0, begin),
        end < rows.size() ? rows.get(end).line() : Long.MAX_VALUE,
        names(heading, width),
        last);
  }

  private int widthUnder(List<RawRow> heading) {
    int width =
        heading.stream().mapToInt(r -> sheet ? r.filledWidth() : r.cells().size()).max().orElse(0);
    if (!sheet) {
      return width;
    }
    return Math.max(width, rows.stream().mapToInt(RawRow::filledWidth).max().orElse(0));
  }

  /** How many cells most rows have. */
  private int commonWidth() {
    Map<Integer, Integer> times = new HashMap<>();
    for (RawRow row : rows) {
      times.merge(sheet ? row.filledWidth() : row.cells().size(), 1, Integer::sum);
    }
    int best = 0;
    for (Map.Entry<Integer, Integer> entry : times.entrySet()) {
      int most = times.getOrDefault(best, 0);
      if (entry.getValue() > most || entry.getValue() == most && entry.getKey() > best) {
        best = entry.getKey();
      }
    }
    return best;
  }

  private static boolean isFull(RawRow row, int width) {
    return row.filled() >= Math.max(Math.min(2, width), Math.ceil(FULL * width));
  }

  /** A row of words above columns that hold something else, or of words that do not come again. */
  private boolean isHeader(int at, boolean first, int width) {
    RawRow row = rows.get(at);
    if (rows.size() == at + 1) {
      return first && row.cells().stream().allMatch(HeaderSearch::isWordsOrBlank);
    }
    int evidence = 0;
    for (int i = 0; i < width; i++) {
      evidence += evidence(row.cell(i), at, i);
    }
    if (first && evidence == 0) {
      return row.cells().stream().allMatch(HeaderSearch::isWordsOrBlank)
          && doesNotComeAgain(row, at);
    }
    return first ? evidence > 0 : evidence > 1;
  }

  private static boolean isWordsOrBlank(String cell) {
    Shape shape = shape(cell);
    return shape.isWords() || shape == Shape.EMPTY;
  }

  private int evidence(String cell, int at, int column) {
    Shape shape = shape(cell);
    if (shape.isMissing() || isYear(cell)) {
      return 0;
    }
    long data = 0;
    long words = 0;
    for (RawRow below : rows.subList(at + 1, rows.size())) {
      Shape other = shape(below.cell(column));
      if (!other.isMissing()) {
        words += other == Shape.TEXT ? 1 : 0;
        data += other == Shape.TEXT ? 0 : 1;
      }
    }
    if (data == 0 || data < words * 2) {
      return 0;
    }
    return shape == Shape.TEXT ? 1 : -2;
  }

  private boolean doesNotComeAgain(RawRow row, int at) {
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < row.cells().size(); i++) {
      String cell = CellText.tidy(row.cell(i));
      if (!cell.isEmpty() && !seen.add(cell)) {
        return false;
      }
      for (RawRow below : rows.subList(at + 1, rows.size())) {
        if (!cell.isEmpty() && CellText.tidy(below.cell(i)).equals(cell) && !sameRow(below, row)) {
          return false;
        }
      }
    }
    return true;
  }

  /** A heading that is printed again on each page is the same in every cell. */
  private static boolean sameRow(RawRow one, RawRow other) {
    return one.cells().equals(other.cells());
  }

  /** Several words over groups of columns, with gaps between them. */
  private static boolean isGroups(RawRow row) {
    return row.filled() >= 2 && row.cells().stream().allMatch(c -> isWordsOrBlank(c) || isYear(c));
  }

  private static boolean isYear(String cell) {
    String tidy = CellText.tidy(cell);
    if (tidy.length() != YEAR_DIGITS || !tidy.chars().allMatch(c -> c >= '0' && c <= '9')) {
      return false;
    }
    int year = Integer.parseInt(tidy);
    return year >= FIRST_YEAR && year <= LAST_YEAR;
  }

  private static Shape shape(String cell) {
    return Shapes.of(CellText.tidy(cell)).shape();
  }

  /** What stands above each column, from the upper row to the lower. */
  private static List<String> names(List<RawRow> heading, int width) {
    List<String> names = new ArrayList<>();
    for (int i = 0; i < width; i++) {
      List<String> parts = new ArrayList<>();
      for (int row = 0; row < heading.size(); row++) {
        boolean lowest = row == heading.size() - 1;
        String cell = CellText.tidy(heading.get(row).cell(i));
        String part = cell.isEmpty() && !lowest ? toTheLeft(heading, row, i) : cell;
        if (!part.isEmpty() && !parts.contains(part)) {
          parts.add(part);
        }
      }
      names.add(String.join(" ", parts).replaceAll("\\s+", " "));
    }
    return names;
  }

  /** A word over a group stands in the group's first cell only. */
  private static String toTheLeft(List<RawRow> heading, int row, int column) {
    String below = CellText.tidy(heading.get(heading.size() - 1).cell(column));
    if (below.isEmpty()) {
      return "";
    }
    for (int i = column - 1; i >= 0; i--) {
      String cell = CellText.tidy(heading.get(row).cell(i));
      if (!cell.isEmpty()) {
        return cell;
      }
    }
    return "";
  }
}
