package org.ropebridge.upload;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What a column holds, from the looks of its cells. It is what nearly all of them look like; the
 * rows of the few others are put aside. Where the cells can be read in two ways, other columns of
 * the file decide, and if they cannot, the author must.
 */
final class ColumnGuess {
  /** So many of a column's cells must fit what it holds. */
  private static final double NEARLY_ALL = 0.95;

  /** Below this share nobody expected the column to be what it nearly was. */
  private static final double MANY = 0.5;

  private static final int FEWEST_DAY_DIGITS = 3;

  private final ColumnTally tally;
  private final String name;
  private final FileHabits habits;
  private final List<FileNote> notes = new ArrayList<>();

  private Kind kind = Kind.TEXT;
  private DecimalMark mark = DecimalMark.POINT;
  private DayOrder order = DayOrder.DAY_FIRST;
  private boolean percent;

  ColumnGuess(ColumnTally tally, String name, FileHabits habits) {
    this.tally = tally;
    this.name = name;
    this.habits = habits;
    decide();
  }

  ColumnForm form(int index, String header) {
    boolean kept = tally.present() > 0 || tally.count(Shape.MARK) > 0 || !header.isEmpty();
    return new ColumnForm(index, header, name, kind, mark, order, percent, kept);
  }

  /** What the author should know about it. */
  List<FileNote> notes() {
    return notes;
  }

  private void decide() {
    if (fits(tally.count(Shape.YES_NO))) {
      kind = Kind.YES_NO;
    } else if (tally.count(Shape.DAY_DIGITS) == tally.present()
        && tally.present() >= FEWEST_DAY_DIGITS) {
      kind = Kind.DAY;
      tell("holds days written in eight digits");
    } else if (fits(tally.count(Shape.TIME))) {
      kind = Kind.TIME;
    } else if (fits(tally.count(Shape.INSTANT))) {
      kind = Kind.INSTANT;
    } else if (fits(tally.days() + tally.moments())) {
      days();
    } else if (fits(tally.numbers()) && tally.count(Shape.CODE) == 0) {
      numbers();
    } else {
      text();
    }
    if (kind != Kind.TEXT) {
      whatIsLeftOut();
    }
  }

  private boolean fits(long cells) {
    return cells > 0 && cells >= NEARLY_ALL * tally.present();
  }

  private void tell(String text) {
    notes.add(new FileNote(name, text, false));
  }

  private void ask(String text) {
    notes.add(new FileNote(name, text, true));
  }

  private void days() {
    kind = tally.moments() > 0 && !tally.allMomentsAreMidnights() ? Kind.MOMENT : Kind.DAY;
    if (tally.moments() > 0 && kind == Kind.DAY) {
      tell("holds days; the time is always midnight and is taken off");
    }
    if (tally.count(Shape.MONTH_ONLY) > 0) {
      tell(
          "has months without a day, like "
              + tally.example(Shape.MONTH_ONLY)
              + "; each becomes the first day of its month");
    }
    long first = tally.dayFirst();
    long month = tally.monthFirst();
    if (first > 0 && month > 0 && !fits(tally.present() - Math.min(first, month))) {
      kind = Kind.TEXT;
      tell(
          "is kept as text: the day stands first in "
              + tally.example(Shape.DAY_FIRST, Shape.MOMENT_FIRST)
              + ", the month in "
              + tally.example(Shape.MONTH_FIRST, Shape.MOMENT_MONTH_FIRST));
    } else if (first > 0 || month > 0) {
      order = first >= month ? DayOrder.DAY_FIRST : DayOrder.MONTH_FIRST;
      tell("holds dates with the " + orderWord() + " first, as in " + decisive());
    } else if (tally.dayEither() > 0) {
      order = habits.order();
      String example = tally.example(Shape.DAY_EITHER, Shape.MOMENT_EITHER);
      if (order == null) {
        ask("has dates like " + example + ": say whether the day or the month stands first");
      } else {
        tell(
            "has dates like "
                + example
                + ", read with the "
                + orderWord()
                + " first as in the other columns");
      }
    } else if (tally.count(Shape.DAY_NAMED, Shape.MOMENT_NAMED) > 0) {
      tell("holds dates in words, like " + tally.example(Shape.DAY_NAMED, Shape.MOMENT_NAMED));
    }
  }

  private String orderWord() {
    return order == DayOrder.DAY_FIRST ? "day" : "month";
  }

  private String decisive() {
    return order == DayOrder.DAY_FIRST
        ? tally.example(Shape.DAY_FIRST, Shape.MOMENT_FIRST)
        : tally.example(Shape.MONTH_FIRST, Shape.MOMENT_MONTH_FIRST);
  }

  private void numbers() {
    if (!oneCurrency() || !percentOrNot()) {
      return;
    }
    long point = tally.withPoint();
    long comma = tally.withComma();
    if (point > 0 && comma > 0 && !fits(tally.present() - Math.min(point, comma))) {
      tell(
          "is kept as text: it has a decimal point in "
              + tally.example(Shape.POINT_DECIMAL, Shape.COMMA_GROUPS)
              + " and a decimal comma in "
              + tally.example(Shape.COMMA_DECIMAL, Shape.POINT_GROUPS));
      return;
    }
    if (point > 0 || comma > 0) {
      mark = point >= comma ? DecimalMark.POINT : DecimalMark.COMMA;
    } else if (tally.count(Shape.ONE_COMMA_GROUP, Shape.ONE_POINT_GROUP) > 0) {
      eitherGroupOrDecimals();
    }
    kind = mark == null || percent || hasDecimals() ? Kind.DECIMAL : Kind.WHOLE;
    if (mark == DecimalMark.COMMA && comma > 0) {
      tell("has a decimal comma, as in " + tally.example(Shape.COMMA_DECIMAL, Shape.POINT_GROUPS));
    }
    thousands();
  }

  private boolean hasDecimals() {
    return mark == DecimalMark.POINT
        ? tally.count(Shape.POINT_DECIMAL, Shape.ONE_POINT_GROUP) > 0
        : tally.count(Shape.COMMA_DECIMAL, Shape.ONE_COMMA_GROUP) > 0;
  }

  private void thousands() {
    Shape one = mark == DecimalMark.POINT ? Shape.ONE_COMMA_GROUP : Shape.ONE_POINT_GROUP;
    Shape many = mark == DecimalMark.POINT ? Shape.COMMA_GROUPS : Shape.POINT_GROUPS;
    long cells = tally.count(one, many, Shape.SPACED);
    if (mark != null && cells > 0) {
      tell("has thousands grouped, as in " + tally.example(many, one, Shape.SPACED));
    }
  }

  /** All cells are like 1,234. */
  private void eitherGroupOrDecimals() {
    String example = tally.example(Shape.ONE_COMMA_GROUP, Shape.ONE_POINT_GROUP);
    boolean both = tally.count(Shape.ONE_COMMA_GROUP) > 0 && tally.count(Shape.ONE_POINT_GROUP) > 0;
    mark = both ? null : habits.mark();
    if (mark == null) {
      ask(
          "has numbers like "
              + example
              + ": say whether the point or the comma stands before decimals");
    } else {
      tell(
          "has numbers like "
              + example
              + ", read with a decimal "
              + (mark == DecimalMark.POINT ? "point" : "comma")
              + " "
              + habits.whyMark());
    }
  }

  private boolean oneCurrency() {
    Map<String, Long> money = tally.money();
    if (money.size() > 1) {
      tell("is kept as text: it has several currencies, " + String.join(", ", money.keySet()));
      return false;
    }
    money.keySet().forEach(m -> tell("loses the currency " + m + " and keeps the number"));
    return true;
  }

  private boolean percentOrNot() {
    long with = tally.percents();
    if (with == 0) {
      return true;
    }
    if (!fits(with)) {
      if (!fits(tally.numbers() - with)) {
        tell("is kept as text: some of its numbers are percentages and some are none");
        return false;
      }
      return true;
    }
    percent = true;
    tell("holds percentages, kept as shares: 12% becomes 0.12");
    return true;
  }

  private void text() {
    long present = tally.present();
    if (tally.count(Shape.CODE) > 0 && fits(tally.numbers() + tally.count(Shape.CODE))) {
      tell(
          "is kept as text, because digits would be lost as a number: "
              + tally.example(Shape.CODE));
    } else if (present > 0 && tally.numbers() > MANY * present) {
      tell(nearly(tally.numbers(), "numbers"));
    } else if (present > 0 && tally.days() + tally.moments() > MANY * present) {
      tell(nearly(tally.days() + tally.moments(), "dates"));
    }
    if (tally.wrapped() > 0) {
      tell("loses the white space around " + tally.wrapped() + " of its texts");
    }
  }

  private String nearly(long cells, String what) {
    return "is kept as text, though %,d of %,d cells are %s: others are not, like %s"
        .formatted(
            cells,
            tally.present(),
            what,
            tally.example(
                Shape.TEXT,
                Shape.ERROR,
                Shape.NO_DAY,
                Shape.YES_NO,
                Shape.TIME,
                Shape.DAY_ISO,
                Shape.DAY_FIRST,
                Shape.WHOLE,
                Shape.POINT_DECIMAL));
  }

  private void whatIsLeftOut() {
    long marks = tally.count(Shape.MARK);
    if (marks > 0) {
      tell(
          "has %,d %s there is nothing, like %s"
              .formatted(
                  marks,
                  marks == 1 ? "cell that says" : "cells that say",
                  tally.example(Shape.MARK)));
    }
  }
}
