package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.language.Identifiers;
import org.ropebridge.language.Identifiers.Moment;
import org.ropebridge.model.Column;
import org.ropebridge.model.Link;
import org.ropebridge.model.Table;
import org.ropebridge.sql.SurveySql;
import org.ropebridge.sql.SurveySql.Kind;

/** What a table of a survey becomes in a model. */
final class TableDraft {
  private static final String ROW_KEY = "row_key";
  private static final double PRESENT_ENOUGH = 0.5;

  private final Survey survey;
  private final SurveyedTable table;
  private final Names names;
  private final Identifiers identifiers;
  private final List<Proposal> proposals;
  private final Map<String, String> columnNames;
  private final String path;

  TableDraft(
      Survey survey,
      SurveyedTable table,
      Names names,
      Identifiers identifiers,
      List<Proposal> proposals) {
    this.survey = survey;
    this.table = table;
    this.names = names;
    this.identifiers = identifiers;
    this.proposals = proposals;
    this.columnNames = Names.columns(table);
    this.path = "tables/" + names.tableOf(table.path());
  }

  /** The table as the model would have it. Labels may still clash with those of other tables. */
  Table draft() {
    String noun = names.nounOf(table.path());
    Optional<Key> single = table.singleKey();
    boolean renamed =
        columnNames.entrySet().stream().anyMatch(e -> !e.getKey().equals(e.getValue()));
    boolean standIn = renamed || single.isEmpty();
    String key = single.map(k -> columnNames.get(k.columns().get(0))).orElse(ROW_KEY);
    propose("", "Rows of " + table.path() + " are " + identifiers.plural(noun), grain());
    if (isBetween()) {
      propose("/about", about(), "besides its keys the table only points at two others");
    }
    Optional<String> mainDate = mainDate();
    Optional<String> knownBy = knownBy();
    List<Link> links = links();
    List<Column> columns = new ArrayList<>();
    List<String> hidden = new ArrayList<>();
    Set<String> pointing = new HashSet<>();
    survey.pointersOf(table).forEach(p -> pointing.add(p.column()));
    for (SurveyedColumn column : table.columns()) {
      boolean known = knownBy.equals(Optional.of(column.name()));
      boolean isKey = single.isPresent() && single.get().columns().contains(column.name());
      if (pointing.contains(column.name()) || isKey && !known) {
        continue;
      }
      String name = columnNames.get(column.name());
      ColumnDraft.Drafted drafted = new ColumnDraft(identifiers).of(table, column, name, known);
      drafted.column().ifPresentOrElse(columns::add, () -> hidden.add(name));
      propose(
          "/columns/" + name,
          drafted.column().map(TableDraft::held).orElse(name + " stays unseen"),
          drafted.reason());
    }
    return new Table(
        names.tableOf(table.path()),
        survey.source(),
        standIn ? "" : table.path(),
        standIn ? standIn(single) : "",
        about(),
        noun,
        identifiers.plural(noun),
        List.of(),
        key,
        mainDate,
        knownBy.map(columnNames::get),
        columns,
        hidden,
        links,
        List.of());
  }

  private static String held(Column column) {
    return column.name()
        + " holds "
        + column.holds().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ')
        + column.addsUp().map(a -> ", over many rows its " + overRows(a)).orElse("");
  }

  private static String overRows(Column.AddsUp addsUp) {
    return switch (addsUp) {
      case SUM -> "sum";
      case AVERAGE -> "average";
      case LAST -> "last value in time";
      case NEVER -> "values, never a sum";
    };
  }

  private String about() {
    if (!table.comment().isEmpty()) {
      return table.comment();
    } else if (isBetween()) {
      return "Tells which "
          + String.join(
              " belongs to which ",
              survey.pointersOf(table).stream().map(p -> names.nounOf(p.to())).toList())
          + ".";
    }
    return dayKey()
        .map(
            k ->
                "One row for each "
                    + String.join(" and ", k.columns().stream().map(this::said).toList())
                    + ".")
        .orElse("");
  }

  /** A column as people say it; that of a pointer by what it points at. */
  private String said(String column) {
    return survey
        .pointer(table, column)
        .map(p -> names.nounOf(p.to()))
        .orElse(String.join(" ", identifiers.spoken(identifiers.words(column))));
  }

  private Optional<Key> dayKey() {
    return table.steady().isEmpty()
        ? Optional.empty()
        : table.keys().stream()
            .filter(k -> k.columns().size() == 2)
            .filter(k -> k.columns().stream().anyMatch(c -> survey.pointer(table, c).isPresent()))
            .findFirst();
  }

  // ---- what one row is

  private String grain() {
    String rows = (table.estimated() ? "about " : "") + Words.rows(table.rows());
    StringBuilder reason = new StringBuilder(rows);
    if (table.keys().isEmpty()) {
      return reason
          .append("; no one, two or three columns identify a row, so rows are numbered, which is")
          .append(" slow on big tables")
          .toString();
    }
    Key key = table.keys().get(0);
    reason
        .append("; ")
        .append(String.join(" and ", key.columns()))
        .append(key.hasOneColumn() ? " is" : " together are")
        .append(
            switch (key.proof()) {
              case DECLARED -> " declared to be different in each";
              case VERIFIED -> " different in each, as all rows show";
              case IN_SAMPLE -> " different in each row of a sample; looking at all took too long";
            });
    repeating().ifPresent(r -> reason.append("; ").append(r));
    dayKey()
        .ifPresent(
            k ->
                reason
                    .append("; ")
                    .append(String.join(" and ", k.columns()))
                    .append(" together are different in each too"));
    return reason.toString();
  }

  /** A key of another table that comes many times, when this table is named like lines of it. */
  private Optional<String> repeating() {
    return survey.pointersOf(table).stream()
        .filter(p -> !p.staysWithinTable())
        .filter(p -> names.nounOf(table.path()).startsWith(names.nounOf(p.to()) + " "))
        .map(
            p -> {
              SurveyedColumn column = table.findColumn(p.column()).orElseThrow();
              double times = (double) column.present() / Math.max(1, column.distinct());
              return String.format(
                  java.util.Locale.ROOT,
                  "%s comes %.1f times each, so a row is not a whole %s",
                  column.name(),
                  times,
                  names.nounOf(p.to()));
            })
        .findFirst();
  }

  private boolean isBetween() {
    Set<String> used = new HashSet<>();
    survey.pointersOf(table).forEach(p -> used.add(p.column()));
    boolean two = used.size() == 2;
    table.singleKey().ifPresent(k -> used.addAll(k.columns()));
    return two
        && table.columns().stream()
            .allMatch(
                c ->
                    used.contains(c.name())
                        || identifiers.isTechnical(identifiers.words(c.name())));
  }

  private String standIn(Optional<Key> single) {
    boolean numbered = single.isEmpty();
    List<String> key = table.keys().isEmpty() ? List.of() : table.keys().get(0).columns();
    return SurveySql.standIn(
        table.schema(),
        table.name(),
        columnNames,
        numbered ? ROW_KEY : "",
        numbered ? key : List.of());
  }

  // ---- the column that names a row

  private Optional<String> knownBy() {
    Set<String> pointing = new HashSet<>();
    survey.pointersOf(table).forEach(p -> pointing.add(p.column()));
    Optional<SurveyedColumn> found =
        table.columns().stream()
            .filter(c -> c.kind() == Kind.TEXT && !pointing.contains(c.name()))
            .filter(c -> !c.has(Remark.MAIL_ADDRESSES) && !c.has(Remark.PHONE_NUMBERS))
            .filter(c -> names(c) > 0)
            .max(Comparator.comparing(this::names));
    found.ifPresent(
        c ->
            propose(
                "/known_by",
                "People know " + identifiers.plural(names.nounOf(table.path())) + " by " + c.name(),
                c.neverRepeats()
                    ? "its name, and no value comes twice"
                    : "its name; "
                        + Words.count(c.distinct(), "different value")
                        + " in "
                        + Words.rows(c.present())));
    return found.map(SurveyedColumn::name);
  }

  private int names(SurveyedColumn column) {
    List<String> words = identifiers.words(column.name());
    boolean brief = column.mean().orElse(0.0) <= 60;
    boolean mostlyDistinct = column.distinct() * 2 > column.present();
    if (!brief || !mostlyDistinct || column.missingShare() > 0.2) {
      return 0;
    } else if (identifiers.namesThings(words)) {
      // "name" before "display name", "title" before "sub title".
      return 20 - Math.min(9, words.size());
    }
    boolean readable = column.kind() == Kind.TEXT && column.mean().orElse(99.0) <= 20;
    return column.neverRepeats() && identifiers.isIdentifier(words) && readable ? 5 : 0;
  }

  // ---- when what a row tells of happened

  private Optional<String> mainDate() {
    Optional<SurveyedColumn> own = ownDate();
    if (own.isPresent() && !isThing()) {
      SurveyedColumn date = own.get();
      propose("/main_date", "A period means " + date.name(), whyDate(date));
      return Optional.of(columnNames.get(date.name()));
    } else if (own.isPresent()) {
      return Optional.empty();
    }
    for (Pointer pointer : survey.pointersOf(table)) {
      Optional<SurveyedTable> to = survey.findTable(pointer.to());
      if (to.isEmpty() || pointer.staysWithinTable()) {
        continue;
      }
      TableDraft other = new TableDraft(survey, to.get(), names, identifiers, new ArrayList<>());
      Optional<SurveyedColumn> date = other.ownDate();
      if (date.isPresent() && !other.isThing()) {
        String noun = names.nounOf(pointer.to());
        propose(
            "/main_date",
            "A period means " + date.get().name() + " of the " + noun,
            "the rows have no date of their own, but each belongs to a " + noun);
        return Optional.of(names.linkOf(pointer) + "." + other.columnNames.get(date.get().name()));
      }
    }
    return Optional.empty();
  }

  /** A date that says when a row happened rather than when it was written down or ended. */
  private Optional<SurveyedColumn> ownDate() {
    return table.columns().stream()
        .filter(c -> c.kind().isTemporal() && c.missingShare() < PRESENT_ENOUGH)
        .filter(c -> c.present() > 0)
        .filter(c -> !identifiers.isTechnical(identifiers.words(c.name())))
        .filter(c -> rank(c) > 0)
        .max(Comparator.comparing(this::rank));
  }

  private int rank(SurveyedColumn column) {
    return switch (identifiers.moment(identifiers.words(column.name()))) {
      case START -> 3;
      case RECORD -> 2;
      case UNKNOWN -> 1;
      case END, BIRTH -> 0;
    };
  }

  private String whyDate(SurveyedColumn date) {
    long others = table.columns().stream().filter(c -> c.kind().isTemporal() && c != date).count();
    Moment moment = identifiers.moment(identifiers.words(date.name()));
    String first =
        moment == Moment.START
            ? "its name says when it happened"
            : others == 0 ? "there is no other date" : "no other date says when it happened";
    return others > 0 && moment == Moment.START
        ? first + ", unlike that of the other dates"
        : first;
  }

  /** A thing that others belong to and people know by name, rather than something that happened. */
  private boolean isThing() {
    boolean pointedAt = survey.pointers().stream().anyMatch(p -> p.to().equals(table.path()));
    return pointedAt
        && table.columns().stream().anyMatch(c -> names(c) > 0 && c.kind() == Kind.TEXT);
  }

  // ---- links

  private List<Link> links() {
    Map<String, Link> links = new LinkedHashMap<>();
    for (Pointer pointer : survey.pointersOf(table)) {
      SurveyedColumn column = table.findColumn(pointer.column()).orElseThrow();
      String name = names.linkOf(pointer);
      boolean missing = !column.neverMissing() && column.present() < column.looked();
      String noun = names.nounOf(table.path());
      String other = names.nounOf(pointer.to());
      Link link =
          new Link(
              name,
              org.ropebridge.model.Labels.ofName(name),
              names.tableOf(pointer.to()),
              columnNames.get(pointer.column()),
              missing || !pointer.declared() && pointer.share() < 1,
              List.of());
      if (links.putIfAbsent(name, link) == null) {
        propose(
            "/links/" + name,
            "Each "
                + noun
                + " has a "
                + other
                + (name.equals(other.replace(' ', '_')) ? "" : " as " + link.label()),
            (pointer.declared()
                    ? "the warehouse declares that " + pointer.column() + " points there"
                    : String.format(
                        java.util.Locale.ROOT,
                        "the name of %s, and %.1f%% of its values are there in %s",
                        pointer.column(),
                        Math.floor(pointer.share() * 1000) / 10,
                        pointer.key()))
                + (missing
                    ? String.format(
                        java.util.Locale.ROOT,
                        "; missing in %.1f%% of the rows",
                        column.missingShare() * 100)
                    : ""));
      }
    }
    return List.copyOf(links.values());
  }

  private void propose(String below, String words, String reason) {
    proposals.add(new Proposal(path + below, words, reason));
  }
}
