package org.ropebridge.survey;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.ropebridge.language.Identifiers;
import org.ropebridge.language.Identifiers.Amount;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.BusinessCalendar.Today;
import org.ropebridge.model.Column;
import org.ropebridge.model.Column.AddsUp;
import org.ropebridge.model.Column.Holds;
import org.ropebridge.model.Labels;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Metric.AcrossTime;
import org.ropebridge.model.Metric.ShownAs;
import org.ropebridge.model.Model;
import org.ropebridge.model.Preferences;
import org.ropebridge.model.Table;

/**
 * Suggests a first model from what a source looks like. It claims nothing that the survey does not
 * show: what a code means, or what a business calls its numbers, is left to the author.
 */
public final class Drafter {
  private static final int DAYS_OLD = 31;

  private final Identifiers identifiers;
  private final LocalDate today;

  /**
   * @param identifiers of the language of the warehouse's names
   * @param today the day on the clock
   */
  public Drafter(Identifiers identifiers, LocalDate today) {
    this.identifiers = identifiers;
    this.today = today;
  }

  /**
   * Drafts a model of that name.
   *
   * @param kind the kind of SQL that the source speaks
   */
  public Draft draft(Survey survey, String name, String kind) {
    List<Proposal> proposals = new ArrayList<>();
    List<Draft.LeftOut> leftOut = new ArrayList<>();
    List<SurveyedTable> kept = new ArrayList<>();
    for (SurveyedTable table : survey.tables()) {
      Optional<String> reason = reasonToLeaveOut(table);
      reason.ifPresentOrElse(
          r -> leftOut.add(new Draft.LeftOut(table.path(), r)), () -> kept.add(table));
    }
    Survey rest =
        new Survey(
            survey.source(),
            kept,
            survey.pointers().stream()
                .filter(p -> has(kept, p.table()) && has(kept, p.to()))
                .toList());
    Names names = new Names(kept, identifiers);
    List<Table> tables = new ArrayList<>();
    for (SurveyedTable table : kept) {
      tables.add(new TableDraft(rest, table, names, identifiers, proposals).draft());
    }
    tables = toldApart(tables);
    tables.sort(Comparator.comparing(Table::name));
    List<Metric> metrics = metrics(tables, proposals);
    BusinessCalendar calendar = calendar(kept, tables, names, proposals);
    Preferences preferences = preferences(metrics, tables, kept, names, proposals);
    Model model =
        new Model(
            name,
            Labels.ofName(name),
            "",
            List.of("en"),
            calendar,
            Map.of(survey.source(), new Model.Source(survey.source(), kind)),
            preferences,
            tables,
            metrics,
            List.of(),
            List.of(),
            List.of());
    return new Draft(model, proposals, leftOut);
  }

  private static boolean has(List<SurveyedTable> tables, String path) {
    return tables.stream().anyMatch(t -> t.path().equals(path));
  }

  private Optional<String> reasonToLeaveOut(SurveyedTable table) {
    if (identifiers.isUpkeep(identifiers.words(table.name()))) {
      return Optional.of("its name is that of the warehouse's own upkeep");
    } else if (table.rows() == 0) {
      return Optional.of("it has no rows");
    } else if (table.columns().stream().allMatch(c -> c.looked() == 0)) {
      return Optional.of("it could not be looked at: " + String.join("; ", table.untold()));
    }
    return Optional.empty();
  }

  // ---- labels

  /** Columns of the same label in several tables are told apart by what a row is. */
  private List<Table> toldApart(List<Table> tables) {
    Map<String, Integer> times = new HashMap<>();
    for (Table table : tables) {
      times.merge(table.rowNoun(), 1, Integer::sum);
      table.columns().forEach(c -> times.merge(c.label(), 1, Integer::sum));
      table.links().forEach(l -> times.merge(l.label(), 1, Integer::sum));
    }
    return tables.stream()
        .map(t -> t.withColumns(t.columns().stream().map(c -> toldApart(c, t, times)).toList()))
        .collect(Collectors.toCollection(ArrayList::new));
  }

  private Column toldApart(Column column, Table table, Map<String, Integer> times) {
    boolean namesRow = table.knownBy().equals(Optional.of(column.name()));
    boolean alone = times.get(column.label()) == 1;
    String noun = table.rowNoun();
    if (alone && !namesRow || column.label().contains(noun)) {
      return column;
    }
    List<String> also = new ArrayList<>(column.alsoCalled());
    if (!namesRow) {
      also.add(0, column.label());
    }
    return column.called(noun + " " + column.label(), also);
  }

  // ---- metrics

  /** Sums of money, which people ask for by the name of what was paid for. */
  private List<Metric> metrics(List<Table> tables, List<Proposal> proposals) {
    List<Metric> metrics = new ArrayList<>();
    for (Table table : tables) {
      for (Column column : table.columns()) {
        boolean sums = column.addsUp().equals(Optional.of(AddsUp.SUM));
        List<String> words = identifiers.words(column.name());
        boolean money = identifiers.amount(identifiers.spoken(words)) == Amount.MONEY;
        String plain = String.join(" ", identifiers.spoken(words));
        String label = ofRow(table.rowNoun(), plain);
        if (table.mainDate().isEmpty() || !sums || !money || isTaken(label, tables)) {
          continue;
        }
        String name = label.replaceAll("[^a-z0-9]+", "_");
        metrics.add(
            new Metric(
                name,
                label,
                Optional.of(table.name()),
                "sum(" + column.name() + ")",
                List.of(),
                column.unit(),
                Optional.empty(),
                AcrossTime.ADDS_UP,
                ShownAs.MONEY,
                Optional.empty(),
                ""));
        proposals.add(
            new Proposal(
                "metrics-file/metrics/" + name,
                "The metric " + label + " is the sum of " + column.name(),
                "money of " + table.rowNounPlural() + ", which adds up and has a date"));
      }
    }
    return metrics;
  }

  /** "charge amount"; "order line amount" rather than "order line line amount". */
  private static String ofRow(String noun, String plain) {
    if (plain.contains(noun)) {
      return "total " + plain;
    }
    String last = noun.substring(noun.lastIndexOf(' ') + 1);
    return plain.startsWith(last + " ")
        ? noun + plain.substring(last.length())
        : noun + " " + plain;
  }

  private static boolean isTaken(String label, List<Table> tables) {
    return tables.stream()
        .anyMatch(
            t ->
                t.rowNoun().equals(label)
                    || t.rowNounPlural().equals(label)
                    || t.columns().stream()
                        .anyMatch(c -> c.label().equals(label) || c.alsoCalled().contains(label)));
  }

  private static Preferences preferences(
      List<Metric> metrics,
      List<Table> tables,
      List<SurveyedTable> surveyed,
      Names names,
      List<Proposal> proposals) {
    Optional<Metric> main =
        metrics.stream()
            .max(
                Comparator.comparing(
                    m ->
                        surveyed.stream()
                            .filter(t -> names.tableOf(t.path()).equals(m.table().orElse("")))
                            .mapToLong(SurveyedTable::rows)
                            .sum()));
    main.ifPresent(
        m ->
            proposals.add(
                new Proposal(
                    "model/preferences/top_by",
                    "\"Top\" ranks by " + m.label() + " when nothing else is said",
                    "of all sums of money it is that of the most rows")));
    return new Preferences(main.map(Metric::name), Preferences.DEFAULT_ROWS_SHOWN, Map.of());
  }

  // ---- time

  private BusinessCalendar calendar(
      List<SurveyedTable> surveyed, List<Table> tables, Names names, List<Proposal> proposals) {
    Optional<LocalDate> newest = newest(surveyed, tables, names);
    boolean current =
        newest.isPresent()
            && newest.get().isAfter(today.minusDays(DAYS_OLD))
            && newest.get().isBefore(today.plusDays(DAYS_OLD));
    boolean latest = newest.isPresent() && newest.get().isBefore(today) && !current;
    proposals.add(
        new Proposal(
            "model/calendar/today",
            latest
                ? "\"Today\" is the newest date in the data"
                : "\"Today\" is the day on the clock",
            newest
                .map(
                    d ->
                        "the newest main date is "
                            + d
                            + (latest ? ", long before the day of the survey" : ""))
                .orElse("no table has a main date")));
    boolean zoned =
        tables.stream()
            .flatMap(t -> t.columns().stream())
            .anyMatch(c -> c.holds() == Holds.TIME && c.timeZone().isPresent());
    if (zoned) {
      proposals.add(
          new Proposal(
              "model/calendar/time_zone",
              "Days are counted in UTC",
              "some times state their zone, and nothing tells where people count days; write your"
                  + " own, such as Europe/Zurich"));
    }
    return new BusinessCalendar(
        latest ? new Today.Latest() : new Today.Clock(),
        DayOfWeek.MONDAY,
        Month.JANUARY,
        zoned ? Optional.of("UTC") : Optional.empty(),
        Map.of());
  }

  private static Optional<LocalDate> newest(
      List<SurveyedTable> surveyed, List<Table> tables, Names names) {
    List<LocalDate> dates = new ArrayList<>();
    for (SurveyedTable table : surveyed) {
      Table drafted =
          tables.stream()
              .filter(t -> t.name().equals(names.tableOf(table.path())))
              .findFirst()
              .orElseThrow();
      Map<String, String> columns = Names.columns(table);
      for (SurveyedColumn column : table.columns()) {
        boolean main = drafted.mainDate().equals(Optional.of(columns.get(column.name())));
        if (main && column.highest().matches("\\d{4}-\\d\\d-\\d\\d.*")) {
          dates.add(LocalDate.parse(column.highest().substring(0, 10)));
        }
      }
    }
    return dates.stream().max(Comparator.naturalOrder());
  }
}
