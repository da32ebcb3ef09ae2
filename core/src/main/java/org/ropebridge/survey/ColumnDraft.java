package org.ropebridge.survey;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ropebridge.language.Identifiers;
import org.ropebridge.language.Identifiers.Amount;
import org.ropebridge.model.Column;
import org.ropebridge.model.Column.AddsUp;
import org.ropebridge.model.Column.Holds;
import org.ropebridge.sql.SurveySql.Kind;

/** What a column of a survey becomes in a model: what it holds, and why. */
final class ColumnDraft {
  private static final int MOST_CODES = 40;
  private static final double LONG_TEXT = 40;
  private static final double STEADY = 0.6;

  private final Identifiers identifiers;

  ColumnDraft(Identifiers identifiers) {
    this.identifiers = identifiers;
  }

  /**
   * What is proposed.
   *
   * @param column empty when the column is to stay unseen
   */
  record Drafted(Optional<Column> column, String reason) {
    static Drafted hidden(String reason) {
      return new Drafted(Optional.empty(), reason);
    }
  }

  /** What a column holds, and why it is thought so. */
  private record Held(Holds holds, Optional<AddsUp> addsUp, String reason) {
    static Held of(Holds holds, String reason) {
      return new Held(holds, Optional.empty(), reason);
    }
  }

  /**
   * Drafts a column.
   *
   * @param name what the model calls it
   * @param known whether people know the table's rows by it
   */
  Drafted of(SurveyedTable table, SurveyedColumn column, String name, boolean known) {
    List<String> words = identifiers.words(column.name());
    if (column.kind() == Kind.OTHER) {
      return Drafted.hidden("values of type " + column.type() + " are nothing that people ask for");
    } else if (column.has(Remark.EMPTY)) {
      return Drafted.hidden("no row has a value");
    } else if (identifiers.isTechnical(words)) {
      return Drafted.hidden("its name belongs to the upkeep of the warehouse");
    } else if (!known && isContact(column)) {
      return Drafted.hidden("likely personal data; show it only on purpose");
    }
    Held held =
        known ? Held.of(Holds.CATEGORY, "people know the rows by it") : held(table, column, words);
    List<String> called =
        held.holds().isTemporal()
            ? identifiers.ofDate(words, held.holds() == Holds.TIME)
            : List.of(String.join(" ", identifiers.spoken(words)));
    Optional<String> unit =
        held.holds() == Holds.NUMBER ? identifiers.unit(words) : Optional.empty();
    return new Drafted(
        Optional.of(
            new Column(
                name,
                called.get(0),
                held.holds(),
                unit,
                held.addsUp(),
                called.subList(1, called.size()),
                List.of(),
                order(column),
                Optional.empty(),
                column.kind() == Kind.TIME_IN_ZONE
                    ? Optional.of(Column.STATED)
                    : Optional.empty())),
        held.reason() + remarks(column));
  }

  /** Mail addresses and phone numbers, and what is named like them. */
  private static boolean isContact(SurveyedColumn column) {
    boolean named = column.has(Remark.PERSONAL) && column.kind() == Kind.TEXT;
    return column.has(Remark.MAIL_ADDRESSES) || column.has(Remark.PHONE_NUMBERS) || named;
  }

  private Held held(SurveyedTable table, SurveyedColumn column, List<String> words) {
    return switch (column.kind()) {
      case YES_NO -> Held.of(Holds.YES_NO, "its type is " + column.type());
      case DATE -> Held.of(Holds.DATE, dates(column));
      case TIME, TIME_IN_ZONE -> Held.of(Holds.TIME, dates(column));
      case TEXT -> text(column, words);
      default -> number(table, column, words);
    };
  }

  private static String dates(SurveyedColumn column) {
    return "from "
        + column.lowest().substring(0, Math.min(10, column.lowest().length()))
        + " to "
        + column.highest().substring(0, Math.min(10, column.highest().length()))
        + (column.gaps().isEmpty()
            ? ""
            : ", with " + Words.count(column.gaps().size(), "month") + " without any");
  }

  private Held text(SurveyedColumn column, List<String> words) {
    double length = column.mean().orElse(0.0);
    if (identifiers.isProse(words) || length > LONG_TEXT) {
      return Held.of(
          Holds.TEXT, String.format(Locale.ROOT, "texts of %.0f characters on average", length));
    }
    boolean many = column.distinct() > column.present() / 2 && column.distinct() > MOST_CODES;
    if (many && identifiers.isIdentifier(words)) {
      return Held.of(Holds.ID, "nearly every row has another value, and its name is that of a key");
    }
    return Held.of(
        Holds.CATEGORY,
        Words.count(column.distinct(), "different value") + " in " + Words.rows(column.present()));
  }

  private Held number(SurveyedTable table, SurveyedColumn column, List<String> words) {
    Amount amount = identifiers.amount(identifiers.spoken(words));
    if (identifiers.isLatitude(words) && within(column, 90)) {
      return Held.of(Holds.LATITUDE, "its name, and values from -90 to 90");
    } else if (identifiers.isLongitude(words) && within(column, 180)) {
      return Held.of(Holds.LONGITUDE, "its name, and values from -180 to 180");
    } else if (column.kind() == Kind.WHOLE_NUMBER
        && identifiers.isCode(words)
        && column.distinct() <= MOST_CODES) {
      return Held.of(
          Holds.CATEGORY,
          Words.count(column.distinct(), "different number") + ", and its name is that of a code");
    } else if (column.kind() == Kind.WHOLE_NUMBER
        && amount == Amount.UNKNOWN
        && identifiers.isIdentifier(words)) {
      return Held.of(Holds.ID, "its name is that of a key");
    }
    double steady = table.steady().getOrDefault(column.name(), 0.0);
    if (steady >= STEADY || !table.steady().isEmpty() && amount == Amount.STOCK) {
      return adding(
          AddsUp.LAST,
          String.format(
              Locale.ROOT,
              "one row for each thing and day, in %.0f%% the same as the row before: a state, not"
                  + " to be added over days",
              steady * 100));
    }
    return switch (amount) {
      case MONEY -> adding(AddsUp.SUM, "its name is that of money, which adds up");
      case QUANTITY -> adding(AddsUp.SUM, "its name is that of an amount, which adds up");
      case POSITION ->
          adding(AddsUp.NEVER, "its name is that of a place in a row, not of an amount");
      case MEASURE, STOCK ->
          adding(AddsUp.AVERAGE, "its name is that of a measure, not of an amount");
      default ->
          adding(
              AddsUp.AVERAGE,
              "nothing tells whether it may be added up; say adds_up: sum if it may");
    };
  }

  private static Held adding(AddsUp addsUp, String reason) {
    return new Held(Holds.NUMBER, Optional.of(addsUp), reason);
  }

  private static boolean within(SurveyedColumn column, double limit) {
    return Math.abs(Double.parseDouble(column.lowest())) <= limit
        && Math.abs(Double.parseDouble(column.highest())) <= limit;
  }

  /** The order of values that have one in everyday language. */
  private List<String> order(SurveyedColumn column) {
    List<String> values = column.frequent().stream().map(SurveyedColumn.Frequent::value).toList();
    return column.kind() == Kind.TEXT && column.distinct() == values.size()
        ? identifiers.inOrder(values)
        : List.of();
  }

  private static String remarks(SurveyedColumn column) {
    StringBuilder told = new StringBuilder();
    for (Remark remark : Remark.values()) {
      if (column.has(remark) && remark != Remark.GAPS) {
        told.append("; ").append(remark.words());
        if (remark == Remark.ALIKE) {
          told.append(" (").append(String.join(", ", column.alike().get(0))).append(")");
        } else if (remark == Remark.CODES) {
          told.append(" (")
              .append(
                  String.join(
                      ", ",
                      column.frequent().stream().map(f -> f.value().strip()).limit(6).toList()))
              .append("): give them names under values");
        }
      }
    }
    return told.toString();
  }
}
