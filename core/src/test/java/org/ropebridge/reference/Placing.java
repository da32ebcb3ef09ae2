package org.ropebridge.reference;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.TimeUnit;

/** Says which group a row belongs to. */
final class Placing {
  private final Model model;
  private final Reach reach;
  private final PeriodResolver periods;

  Placing(Model model, Reach reach, PeriodResolver periods) {
    this.model = model;
    this.reach = reach;
    this.periods = periods;
  }

  Group group(List<Grouping> groupings, Row row, Optional<ColumnRef> ownDate, Moment moment) {
    List<Group.Cell> cells = new ArrayList<>();
    groupings.forEach(g -> cells.add(cell(g, row, ownDate, moment)));
    return new Group(cells);
  }

  private Group.Cell cell(Grouping grouping, Row row, Optional<ColumnRef> ownDate, Moment moment) {
    if (grouping instanceof Grouping.ByColumn by) {
      Object shown = reach.value(row, by.column());
      if (!model.namesItsTable(by.column())) {
        return Group.Cell.of(shown);
      }
      String key = model.table(by.column().table()).key();
      return new Group.Cell(
          reach.value(row, new ColumnRef(by.column().table(), key, by.column().role())), shown);
    } else if (grouping instanceof Grouping.ByTime by) {
      Object date = reach.value(row, by.date().or(() -> ownDate).orElseThrow());
      return Group.Cell.of(span(by.unit(), by.unit().isStretch() ? moment.laidOnNow(date) : date));
    } else if (grouping instanceof Grouping.BySteps by) {
      BigDecimal number = (BigDecimal) reach.value(row, by.column());
      return Group.Cell.of(
          number == null
              ? null
              : number
                  .divide(by.width(), Values.DIGITS)
                  .setScale(0, RoundingMode.FLOOR)
                  .multiply(by.width()));
    } else if (grouping instanceof Grouping.ByBands by) {
      return Group.Cell.of(band((BigDecimal) reach.value(row, by.column()), by.edges()));
    } else if (grouping instanceof Grouping.ByWords by) {
      Object text = reach.value(row, by.column());
      return Group.Cell.of(
          by.words().stream()
              .filter(w -> text != null)
              .filter(w -> lower(text).contains(lower(w)))
              .findFirst()
              .orElse("other"));
    }
    Grouping.ByCondition by = (Grouping.ByCondition) grouping;
    return Group.Cell.of(
        reach
            .row(row, by.table(), Optional.empty())
            .map(r -> reach.meets(r, by.condition()))
            .orElse(false));
  }

  LocalDate today() {
    return periods.today();
  }

  static String lower(Object text) {
    return text.toString().toLowerCase(Locale.ROOT);
  }

  private static String band(BigDecimal number, List<BigDecimal> edges) {
    if (number == null) {
      return null;
    } else if (number.compareTo(edges.get(0)) < 0) {
      return "under " + edges.get(0).toPlainString();
    }
    int band = 0;
    while (band + 1 < edges.size() && number.compareTo(edges.get(band + 1)) >= 0) {
      band++;
    }
    String from = edges.get(band).toPlainString();
    if (band == edges.size() - 1) {
      return from + " or more";
    }
    BigDecimal next = edges.get(band + 1);
    boolean whole = edges.stream().allMatch(e -> e.scale() <= 0);
    return whole
        ? from + " to " + next.subtract(BigDecimal.ONE).toPlainString()
        : from + " to under " + next.toPlainString();
  }

  /** The span of time that a date lies in: its first day, or the number of the part. */
  Object span(TimeUnit unit, Object date) {
    if (date == null) {
      return null;
    }
    LocalDate day = Moment.day(date);
    return switch (unit) {
      case MONTH_OF_YEAR -> BigDecimal.valueOf(day.getMonthValue());
      case DAY_OF_WEEK -> BigDecimal.valueOf(day.getDayOfWeek().getValue());
      case HOUR_OF_DAY -> BigDecimal.valueOf(((LocalDateTime) date).getHour());
      default -> periods.start(unit.period().orElseThrow(), day);
    };
  }
}
