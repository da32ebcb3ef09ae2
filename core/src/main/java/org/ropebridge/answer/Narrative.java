package org.ropebridge.answer;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.model.Model;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.OutputColumn;

/**
 * What a careful reader would point out of the rows of an answer: level, change, leaders, share,
 * what stands out, what is missing. Every number is one of the rows shown, or their sum, share,
 * change or median. Tells what is, never why.
 */
public final class Narrative {
  private static final MathContext EXACT = MathContext.DECIMAL64;

  /** Fewer groups have no usual spread. */
  private static final int ENOUGH_FOR_SPREAD = 8;

  private static final BigDecimal FENCE = new BigDecimal("1.5");

  private final Model model;
  private final PeriodResolver periods;

  public Narrative(Model model, PeriodResolver periods) {
    this.model = model;
    this.periods = periods;
  }

  /** How much is told; each voice tells what the shorter ones tell, and more. */
  public enum Voice {
    BRIEF,
    PLAIN,
    TECHNICAL
  }

  /**
   * A sentence.
   *
   * @param voice the shortest voice that tells it
   */
  public record Sentence(Voice voice, String text) {}

  /** A group of the answer and its number. */
  private record Point(Object group, BigDecimal value) {}

  /**
   * The sentences of an answer, most important first.
   *
   * @param columns of the rows: groups first, then numbers
   * @param rows as {@link Rows} shows them
   * @param whole whether these are all rows of the answer
   */
  public List<Sentence> of(
      Plan plan, List<OutputColumn> columns, List<List<Object>> rows, boolean whole) {
    List<Sentence> sentences = new ArrayList<>();
    int groups = plan.groupings().size();
    boolean numbers = plan.listing().isEmpty() && plan.claim().isEmpty() && !rows.isEmpty();
    if (!numbers) {
      return sentences;
    }
    if (groups == 0) {
      single(plan, columns, rows.get(0), sentences);
    } else if (groups == 1 && columns.get(0).kind().isStretchOfTime()) {
      overTime(plan.measures().get(0), columns, rows, sentences);
    } else if (groups == 1) {
      boolean shares = whole && plan.ranking().isEmpty() && plan.keeps().isEmpty();
      leaders(plan, columns, rows, shares, sentences);
    } else if (whole && groups == 2 && addsUp(plan)) {
      totals(plan, columns, rows, sentences);
    }
    return sentences;
  }

  private boolean addsUp(Plan plan) {
    return MeasureTables.addsUp(plan.measures().get(0), model);
  }

  private void single(
      Plan plan, List<OutputColumn> columns, List<Object> row, List<Sentence> sentences) {
    for (int i = 0; i < columns.size(); i++) {
      OutputColumn column = columns.get(i);
      Measure measure = plan.measures().get(i);
      Optional<BigDecimal> value = number(row.get(i));
      boolean moved =
          measure instanceof Measure.Compared c && c.move() != Measure.Move.BEFORE && i > 0;
      if (value.isEmpty() && row.get(i) != null) {
        String text = CellText.of(row.get(i), column);
        sentences.add(new Sentence(Voice.BRIEF, capital(column.name()) + ": " + text + "."));
      } else if (value.isEmpty()) {
        sentences.add(new Sentence(Voice.BRIEF, "There is no value for " + column.name() + "."));
      } else if (moved) {
        sentences.add(new Sentence(Voice.BRIEF, moved(value.get(), column)));
      } else {
        sentences.add(
            new Sentence(
                i == 0 ? Voice.BRIEF : Voice.PLAIN,
                capital(column.name()) + ": " + CellText.number(value.get(), column) + "."));
      }
    }
  }

  private static String moved(BigDecimal value, OutputColumn column) {
    return value.signum() == 0
        ? "Nothing has changed."
        : "That is a "
            + (value.signum() > 0 ? "rise" : "fall")
            + " of "
            + CellText.number(value.abs(), column)
            + ".";
  }

  private void overTime(
      Measure measure,
      List<OutputColumn> columns,
      List<List<Object>> rows,
      List<Sentence> sentences) {
    OutputColumn time = columns.get(0);
    OutputColumn column = columns.get(1);
    List<Point> points = new ArrayList<>(points(rows, 1));
    Optional<Point> running = running(points, time);
    running.ifPresent(points::remove);
    if (measure instanceof Measure.Cumulative && !points.isEmpty()) {
      // It only grows, so that its first and its lowest tell nothing.
      Point last = points.get(points.size() - 1);
      sentences.add(
          new Sentence(
              Voice.BRIEF,
              capital(column.name())
                  + " reached "
                  + CellText.number(last.value(), column)
                  + " in "
                  + CellText.of(last.group(), time)
                  + "."));
    } else if (points.size() > 1) {
      Point first = points.get(0);
      Point last = points.get(points.size() - 1);
      String name = capital(column.name());
      sentences.add(
          new Sentence(
              Voice.BRIEF,
              name
                  + " went from "
                  + CellText.number(first.value(), column)
                  + " in "
                  + CellText.of(first.group(), time)
                  + " to "
                  + CellText.number(last.value(), column)
                  + " in "
                  + CellText.of(last.group(), time)
                  + change(first.value(), last.value(), column)
                  + "."));
      Point most = most(points);
      Point least = least(points);
      if (!most.equals(least)) {
        sentences.add(
            new Sentence(
                Voice.PLAIN,
                "It was highest in "
                    + CellText.of(most.group(), time)
                    + " ("
                    + CellText.number(most.value(), column)
                    + ") and lowest in "
                    + CellText.of(least.group(), time)
                    + " ("
                    + CellText.number(least.value(), column)
                    + ")."));
      }
      sentences.add(new Sentence(Voice.TECHNICAL, median(points, column)));
    }
    running.ifPresent(
        p ->
            sentences.add(
                new Sentence(
                    Voice.PLAIN,
                    capital(CellText.of(p.group(), time))
                        + " is not over; it is left out of this.")));
    missing(rows, 1, column, sentences);
  }

  /** The last span, where it is not over. */
  private Optional<Point> running(List<Point> points, OutputColumn time) {
    if (points.isEmpty() || time.kind() == OutputColumn.Kind.DATE) {
      return Optional.empty();
    }
    Point last = points.get(points.size() - 1);
    LocalDate first = LocalDate.parse(last.group().toString());
    DayRange days =
        periods.resolve(new Period.Span(Period.Unit.valueOf(time.kind().name()), first));
    return days.endsAfter(periods.today()) && !first.isAfter(periods.today())
        ? Optional.of(last)
        : Optional.empty();
  }

  /** ", 12.3% more"; nothing where it cannot be said as a part. */
  private static String change(BigDecimal from, BigDecimal to, OutputColumn column) {
    boolean part =
        from.signum() > 0
            && to.signum() >= 0
            && column.shownAs() != org.ropebridge.model.Metric.ShownAs.PERCENT;
    if (!part || from.compareTo(to) == 0) {
      return "";
    }
    BigDecimal change = to.subtract(from).divide(from, EXACT);
    return ", " + CellText.percent(change.abs()) + (change.signum() > 0 ? " more" : " less");
  }

  private void leaders(
      Plan plan,
      List<OutputColumn> columns,
      List<List<Object>> rows,
      boolean shares,
      List<Sentence> sentences) {
    OutputColumn group = columns.get(0);
    OutputColumn column = columns.get(1);
    List<Point> points = points(rows, 1);
    if (points.size() < 2) {
      return;
    }
    Point most = most(points);
    Point least = least(points);
    if (most.value().compareTo(least.value()) == 0) {
      sentences.add(
          new Sentence(
              Voice.BRIEF,
              "All "
                  + points.size()
                  + " have the same "
                  + column.name()
                  + ": "
                  + CellText.number(most.value(), column)
                  + "."));
      return;
    }
    BigDecimal total = points.stream().map(Point::value).reduce(BigDecimal.ZERO, BigDecimal::add);
    boolean parts =
        shares && addsUp(plan) && points.stream().allMatch(p -> p.value().signum() >= 0);
    String share =
        parts
            ? ", "
                + CellText.percent(most.value().divide(total, EXACT))
                + " of the total of "
                + CellText.number(total, column)
            : "";
    sentences.add(
        new Sentence(
            Voice.BRIEF,
            "Highest in "
                + column.name()
                + ": "
                + CellText.of(most.group(), group)
                + " ("
                + CellText.number(most.value(), column)
                + share
                + ")."));
    sentences.add(
        new Sentence(
            Voice.PLAIN,
            "Lowest: "
                + CellText.of(least.group(), group)
                + " ("
                + CellText.number(least.value(), column)
                + ")."));
    outliers(points, group, column, sentences);
    growth(plan, columns, rows, sentences);
    missing(rows, 1, column, sentences);
    sentences.add(new Sentence(Voice.TECHNICAL, median(points, column)));
  }

  /** Which groups have grown and fallen most, where that is one of the columns. */
  private static void growth(
      Plan plan, List<OutputColumn> columns, List<List<Object>> rows, List<Sentence> sentences) {
    for (int i = 1; i < plan.measures().size(); i++) {
      boolean grows =
          plan.measures().get(i) instanceof Measure.Compared c && c.move() == Measure.Move.GROWTH;
      List<Point> points = points(rows, i + 1);
      if (grows && points.size() > 1) {
        OutputColumn column = columns.get(i + 1);
        Point most = most(points);
        Point least = least(points);
        sentences.add(
            new Sentence(
                Voice.PLAIN,
                capital(column.name())
                    + " is highest for "
                    + CellText.of(most.group(), columns.get(0))
                    + " ("
                    + CellText.number(most.value(), column)
                    + ") and lowest for "
                    + CellText.of(least.group(), columns.get(0))
                    + " ("
                    + CellText.number(least.value(), column)
                    + ")."));
      }
    }
  }

  /** Groups far above the others: more than one and a half quartile ranges above the upper one. */
  private static void outliers(
      List<Point> points, OutputColumn group, OutputColumn column, List<Sentence> sentences) {
    if (points.size() < ENOUGH_FOR_SPREAD) {
      return;
    }
    List<BigDecimal> sorted = points.stream().map(Point::value).sorted().toList();
    BigDecimal low = sorted.get(sorted.size() / 4);
    BigDecimal high = sorted.get(sorted.size() * 3 / 4);
    BigDecimal fence = high.add(high.subtract(low).multiply(FENCE));
    List<String> above =
        points.stream()
            .filter(p -> p.value().compareTo(fence) > 0)
            .map(p -> CellText.of(p.group(), group))
            .toList();
    if (!above.isEmpty() && above.size() <= 3) {
      sentences.add(
          new Sentence(
              Voice.PLAIN,
              String.join(", ", above)
                  + (above.size() == 1 ? " stands" : " stand")
                  + " far above the others in "
                  + column.name()
                  + "."));
    }
  }

  /** Sums of the first number by the group that does not lie along time. */
  private void totals(
      Plan plan, List<OutputColumn> columns, List<List<Object>> rows, List<Sentence> sentences) {
    boolean firstIsTime = plan.groupings().get(0) instanceof Grouping.ByTime;
    int by = firstIsTime ? 1 : 0;
    OutputColumn column = columns.get(2);
    Map<Object, BigDecimal> sums = new LinkedHashMap<>();
    for (List<Object> row : rows) {
      Object group = row.get(by);
      number(row.get(2))
          .ifPresent(n -> sums.merge(group == null ? CellText.NONE : group, n, BigDecimal::add));
    }
    List<Point> points =
        sums.entrySet().stream().map(e -> new Point(e.getKey(), e.getValue())).toList();
    boolean parts = points.size() > 1 && points.stream().allMatch(p -> p.value().signum() >= 0);
    BigDecimal total = points.stream().map(Point::value).reduce(BigDecimal.ZERO, BigDecimal::add);
    if (!parts || total.signum() == 0) {
      return;
    }
    Point most = most(points);
    sentences.add(
        new Sentence(
            Voice.BRIEF,
            "Over all rows, highest in "
                + column.name()
                + ": "
                + CellText.of(most.group(), columns.get(by))
                + " ("
                + CellText.number(most.value(), column)
                + ", "
                + CellText.percent(most.value().divide(total, EXACT))
                + " of "
                + CellText.number(total, column)
                + ")."));
  }

  private static void missing(
      List<List<Object>> rows, int at, OutputColumn column, List<Sentence> sentences) {
    long none = rows.stream().filter(r -> r.get(at) == null).count();
    if (none > 0) {
      sentences.add(
          new Sentence(
              Voice.PLAIN, none + " of " + rows.size() + " rows have no " + column.name() + "."));
    }
  }

  private static String median(List<Point> points, OutputColumn column) {
    List<BigDecimal> sorted = points.stream().map(Point::value).sorted().toList();
    int middle = sorted.size() / 2;
    BigDecimal median =
        sorted.size() % 2 == 1
            ? sorted.get(middle)
            : sorted.get(middle - 1).add(sorted.get(middle)).divide(BigDecimal.valueOf(2), EXACT);
    return "The median of the "
        + sorted.size()
        + " values is "
        + CellText.number(median, column)
        + ".";
  }

  private static List<Point> points(List<List<Object>> rows, int at) {
    return rows.stream()
        .flatMap(r -> number(r.get(at)).map(n -> new Point(r.get(0), n)).stream())
        .toList();
  }

  private static Optional<BigDecimal> number(Object value) {
    return value instanceof Number number
        ? Optional.of(new BigDecimal(number.toString()))
        : Optional.empty();
  }

  private static Point most(List<Point> points) {
    return points.stream().max(Comparator.comparing(Point::value)).orElseThrow();
  }

  private static Point least(List<Point> points) {
    return points.stream().min(Comparator.comparing(Point::value)).orElseThrow();
  }

  private static String capital(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}
