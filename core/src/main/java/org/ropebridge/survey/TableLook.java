package org.ropebridge.survey;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.language.Identifiers;
import org.ropebridge.sql.SurveySql;
import org.ropebridge.sql.SurveySql.Kind;
import org.ropebridge.sql.SurveySql.Look;
import org.ropebridge.sql.SurveySql.Statement;
import org.ropebridge.sql.SurveySql.Where;
import org.ropebridge.survey.SurveyedColumn.Frequent;
import org.ropebridge.survey.Surveyor.ListedColumn;
import org.ropebridge.survey.Surveyor.ListedTable;

/** Looks at one table by itself: its size, and the values of each column. */
final class TableLook {
  /** Tables up to this many rows are looked at whole. */
  private static final int WHOLE = 50_000;

  /** Rows that a sample of a bigger table should have. */
  private static final double SAMPLE = 30_000;

  private static final int COLUMNS_AT_ONCE = 30;

  /** Distinct values of a column that are fetched, for values that are alike. */
  private static final int MOST_VALUES = 1_000;

  private static final int VALUES_SHOWN = 12;
  private static final int PARTS = 10;

  /** So many rows a month must have on average before a month without any is a gap. */
  private static final int ROWS_OF_A_MONTH = 20;

  private final Warehouse warehouse;
  private final Identifiers identifiers;

  TableLook(Warehouse warehouse, Identifiers identifiers) {
    this.warehouse = warehouse;
    this.identifiers = identifiers;
  }

  /** What was computed of a column in one pass. */
  private record Cells(
      long looked,
      long present,
      long distinct,
      String lowest,
      String highest,
      Optional<Double> mean,
      List<Long> forms) {
    static final Cells NONE = new Cells(0, 0, 0, "", "", Optional.empty(), List.of());

    static Cells of(long looked, List<Object> cells) {
      return new Cells(
          looked,
          whole(cells.get(0)),
          whole(cells.get(1)),
          text(cells.get(2)),
          text(cells.get(3)),
          Optional.ofNullable(cells.get(4)).map(v -> ((Number) v).doubleValue()),
          cells.subList(5, cells.size()).stream().map(Cells::whole).toList());
    }

    private static long whole(Object value) {
      return value == null ? 0 : ((Number) value).longValue();
    }

    private static String text(Object value) {
      return value == null ? "" : value.toString();
    }

    /** The share of present texts that have a form. */
    double share(int form) {
      return forms.isEmpty() || present == 0 ? 0 : (double) forms.get(form) / present;
    }
  }

  private static final int NUMBERS = 0;
  private static final int DATES = 1;
  private static final int MAIL_ADDRESSES = 2;
  private static final int PHONE_NUMBERS = 3;
  private static final int BLANK = 4;
  private static final int SPACES = 5;

  SurveyedTable at(ListedTable table, List<Key> declared) {
    List<String> untold = new ArrayList<>();
    long counted = counted(table, untold);
    boolean estimated = counted > WHOLE;
    long rows = estimated ? Math.max(counted, table.estimatedRows()) : counted;
    Where where = where(table, rows, estimated);
    List<Look> looks =
        table.columns().stream().map(c -> new Look(c.name(), Kind.of(c.type()))).toList();
    Map<String, Cells> cells = new HashMap<>();
    Map<String, List<Frequent>> frequent = new HashMap<>();
    Map<String, List<Long>> spread = new HashMap<>();
    Map<String, List<LocalDate>> gaps = new HashMap<>();
    for (int from = 0; from < looks.size(); from += COLUMNS_AT_ONCE) {
      List<Look> some = looks.subList(from, Math.min(looks.size(), from + COLUMNS_AT_ONCE));
      tell(untold, "values", () -> numbers(where, some, cells));
      tell(untold, "frequent values", () -> frequent(where, some, cells, frequent));
      tell(untold, "spread", () -> spread(where, some, cells, spread));
    }
    for (Look look : looks) {
      // Pages that were not looked at may hold the months that seem to be missing.
      boolean told = !estimated && cells.containsKey(look.column());
      if (look.kind().isTemporal() && told) {
        tell(untold, "gaps of " + look.column(), () -> gaps(where, look, cells, gaps));
      }
    }
    List<SurveyedColumn> columns =
        table.columns().stream()
            .map(
                c ->
                    column(
                        c,
                        cells.getOrDefault(c.name(), Cells.NONE),
                        frequent.getOrDefault(c.name(), List.of()),
                        spread.getOrDefault(c.name(), List.of()),
                        gaps.getOrDefault(c.name(), List.of())))
            .toList();
    long looked = cells.values().stream().mapToLong(Cells::looked).max().orElse(0);
    return new SurveyedTable(
        table.schema(),
        table.name(),
        table.comment(),
        table.kind().equals("v"),
        rows,
        estimated,
        looked,
        columns,
        declared,
        Map.of(),
        untold);
  }

  private static void tell(List<String> untold, String what, Runnable look) {
    try {
      look.run();
    } catch (Warehouse.Refused e) {
      untold.add(what + ": " + e.getMessage());
    }
  }

  private long counted(ListedTable table, List<String> untold) {
    try {
      Statement size = SurveySql.size(table.schema(), table.name(), WHOLE + 1);
      return ((Number) rows(size, 1).get(0).get(0)).longValue();
    } catch (Warehouse.Refused e) {
      untold.add("number of rows: " + e.getMessage());
      return Math.max(0, table.estimatedRows());
    }
  }

  private static Where where(ListedTable table, long rows, boolean estimated) {
    if (!estimated) {
      return new Where(table.schema(), table.name(), 100, 0);
    }
    return table.hasPages()
        ? new Where(table.schema(), table.name(), Math.min(100, 100 * SAMPLE / rows), 0)
        : firstRows(table.schema(), table.name());
  }

  private static Where firstRows(String schema, String table) {
    return new Where(schema, table, 100, (int) SAMPLE);
  }

  /** Where to look for values of a table again: a big one's first rows. */
  static Where firstRows(SurveyedTable table) {
    return table.estimated()
        ? firstRows(table.schema(), table.name())
        : new Where(table.schema(), table.name(), 100, 0);
  }

  private void numbers(Where where, List<Look> looks, Map<String, Cells> into) {
    List<Object> row = rows(SurveySql.numbers(where, looks), 1).get(0);
    long looked = ((Number) row.get(0)).longValue();
    for (int i = 0; i < looks.size(); i++) {
      int from = 1 + i * SurveySql.CELLS_OF_A_COLUMN;
      into.put(
          looks.get(i).column(),
          Cells.of(looked, row.subList(from, from + SurveySql.CELLS_OF_A_COLUMN)));
    }
  }

  private void frequent(
      Where where, List<Look> looks, Map<String, Cells> cells, Map<String, List<Frequent>> into) {
    List<Look> compared =
        looks.stream()
            .filter(l -> l.kind() != Kind.OTHER && cells.containsKey(l.column()))
            .filter(l -> cells.get(l.column()).present() > 0)
            .filter(l -> cells.get(l.column()).distinct() <= MOST_VALUES)
            .toList();
    if (compared.isEmpty()) {
      return;
    }
    for (List<Object> row : rows(SurveySql.frequent(where, compared, MOST_VALUES), 1_000_000)) {
      into.computeIfAbsent(row.get(0).toString(), c -> new ArrayList<>())
          .add(new Frequent(row.get(1).toString(), ((Number) row.get(2)).longValue()));
    }
  }

  private void spread(
      Where where, List<Look> looks, Map<String, Cells> cells, Map<String, List<Long>> into) {
    List<SurveySql.Range> ranges =
        looks.stream()
            .filter(l -> l.kind().isNumber() || l.kind().isTemporal())
            .filter(l -> cells.containsKey(l.column()))
            .filter(l -> cells.get(l.column()).distinct() > PARTS)
            .map(
                l ->
                    new SurveySql.Range(
                        l, cells.get(l.column()).lowest(), cells.get(l.column()).highest()))
            .filter(r -> isMeasurable(r.lowest()) && isMeasurable(r.highest()))
            .toList();
    if (ranges.isEmpty()) {
      return;
    }
    for (List<Object> row : rows(SurveySql.spread(where, ranges), ranges.size() * PARTS * 2)) {
      List<Long> parts =
          into.computeIfAbsent(
              row.get(0).toString(),
              c -> new ArrayList<>(java.util.Collections.nCopies(PARTS, 0L)));
      int part = ((Number) row.get(1)).intValue();
      if (part >= 1 && part <= PARTS) {
        parts.set(part - 1, ((Number) row.get(2)).longValue());
      }
    }
  }

  /** Not a number and endless values have no place between others. */
  private static boolean isMeasurable(String value) {
    return !value.equals("NaN") && !value.toLowerCase(java.util.Locale.ROOT).contains("infinity");
  }

  private void gaps(
      Where where, Look look, Map<String, Cells> cells, Map<String, List<LocalDate>> into) {
    Cells of = cells.get(look.column());
    if (of.present() == 0 || !isMeasurable(of.lowest()) || !isMeasurable(of.highest())) {
      return;
    }
    List<YearMonth> months = new ArrayList<>();
    for (List<Object> row : rows(SurveySql.months(where, look), 5_000)) {
      months.add(YearMonth.from(LocalDate.parse(row.get(0).toString())));
    }
    List<LocalDate> missing = new ArrayList<>();
    for (int i = 1; i < months.size(); i++) {
      for (YearMonth m = months.get(i - 1).plusMonths(1);
          m.isBefore(months.get(i));
          m = m.plusMonths(1)) {
        missing.add(m.atDay(1));
      }
    }
    if (of.present() >= (long) ROWS_OF_A_MONTH * (months.size() + missing.size())) {
      into.put(look.column(), missing);
    }
  }

  private SurveyedColumn column(
      ListedColumn listed,
      Cells cells,
      List<Frequent> frequent,
      List<Long> spread,
      List<LocalDate> gaps) {
    Kind kind = Kind.of(listed.type());
    List<List<String>> alike =
        kind == Kind.TEXT
            ? Alike.among(frequent.stream().map(Frequent::value).toList())
            : List.of();
    return new SurveyedColumn(
        listed.name(),
        listed.type(),
        kind,
        listed.comment(),
        listed.neverMissing(),
        cells.looked(),
        cells.present(),
        cells.distinct(),
        cells.lowest(),
        cells.highest(),
        cells.mean(),
        frequent.subList(0, Math.min(VALUES_SHOWN, frequent.size())),
        spread,
        gaps,
        alike,
        remarks(listed, kind, cells, gaps, alike));
  }

  private Set<Remark> remarks(
      ListedColumn listed, Kind kind, Cells cells, List<LocalDate> gaps, List<List<String>> alike) {
    Set<Remark> remarks = EnumSet.noneOf(Remark.class);
    boolean looked = cells.looked() > 0;
    List<String> words = identifiers.words(listed.name());
    if (looked && cells.present() == 0) {
      remarks.add(Remark.EMPTY);
    } else if (looked && cells.distinct() == 1 && cells.present() == cells.looked()) {
      remarks.add(Remark.ONE_VALUE);
    }
    if (kind == Kind.TEXT) {
      texts(cells, remarks);
      boolean few = cells.distinct() > 1 && cells.distinct() <= 40;
      boolean isShort = cells.mean().orElse(9.0) <= 2.5;
      if (few && isShort && cells.distinct() < cells.present()) {
        remarks.add(Remark.CODES);
      }
    }
    if (!gaps.isEmpty()) {
      remarks.add(Remark.GAPS);
    }
    if (!alike.isEmpty()) {
      remarks.add(Remark.ALIKE);
    }
    boolean flag = kind == Kind.YES_NO || kind == Kind.OTHER;
    if (identifiers.isPersonal(words) && !flag) {
      remarks.add(Remark.PERSONAL);
    }
    return remarks;
  }

  private static void texts(Cells cells, Set<Remark> remarks) {
    double numbers = cells.share(NUMBERS);
    double dates = cells.share(DATES);
    if (cells.share(MAIL_ADDRESSES) > 0.5) {
      remarks.add(Remark.MAIL_ADDRESSES);
    } else if (cells.share(PHONE_NUMBERS) > 0.8 && dates < 0.5 && numbers < 0.5) {
      remarks.add(Remark.PHONE_NUMBERS);
    } else if (numbers > 0.98) {
      remarks.add(Remark.NUMBERS_AS_TEXT);
    } else if (dates > 0.98) {
      remarks.add(Remark.DATES_AS_TEXT);
    } else if (numbers + dates > 0.05 && numbers + dates < 0.95 && cells.distinct() > 2) {
      remarks.add(Remark.MIXED);
    }
    if (cells.share(BLANK) > 0) {
      remarks.add(Remark.BLANK);
    }
    if (cells.share(SPACES) > cells.share(BLANK)) {
      remarks.add(Remark.SPACES);
    }
  }

  private List<List<Object>> rows(Statement statement, int most) {
    return warehouse.rows(statement.text(), statement.parameters(), most);
  }
}
