package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Metric.ShownAs;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.MetricWords.Proposed;
import org.ropebridge.reading.MetricWords.Term;

/**
 * Writes the SQL of metrics. Parts of one table are put together over its rows; parts of several
 * tables each become a metric of their own, so that none multiplies another.
 */
final class MetricWriting {
  private final Model model;
  private final Restatement restatement;
  private final Map<Term.Leaf, Metric> helpers = new LinkedHashMap<>();
  private final Set<String> remarks = new LinkedHashSet<>();

  MetricWriting(Model model, Restatement restatement) {
    this.model = model;
    this.restatement = restatement;
  }

  /** A part that SQL of a metric cannot say; the message says why. */
  static final class Unfit extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Unfit(String message) {
      super(message);
    }
  }

  /**
   * A piece of SQL.
   *
   * @param mayBeMissing whether it can have no value
   * @param binds how tightly: 1 for sums, 2 for products, 3 for what needs no brackets
   */
  private record Piece(String sql, boolean mayBeMissing, int binds) {
    String within(int operator) {
      return binds < operator ? "(" + sql + ")" : sql;
    }
  }

  /** What the numbers are counted in, and how they are shown. */
  private record Shown(Optional<String> unit, ShownAs as) {
    static final Shown PLAIN = new Shown(Optional.empty(), ShownAs.NUMBER);
  }

  Proposed write(String name, Term term) {
    List<Term.Leaf> leaves = leaves(term).toList();
    if (term instanceof Term.Leaf leaf
        && leaf.filters().isEmpty()
        && leaf.measure() instanceof Measure.MetricValue value) {
      throw new Unfit(
          "That is the metric "
              + value.metric()
              + " already. Give it another word in also_called instead.");
    } else if (leaves.isEmpty()) {
      throw new Unfit("A metric needs something of the model, not only numbers.");
    }
    Set<String> tables = new LinkedHashSet<>();
    leaves.forEach(l -> tables.addAll(MeasureTables.of(l.measure(), model)));
    boolean ofMetrics = leaves.stream().anyMatch(l -> l.measure() instanceof Measure.MetricValue);
    boolean overRows = !ofMetrics && tables.size() == 1;
    Piece piece = overRows ? piece(term, this::overRows) : piece(term, this::ofMetrics);
    Shown shown = shown(term);
    Metric metric =
        metric(name, overRows ? tables.stream().findFirst() : Optional.empty(), piece.sql(), shown);
    List<Metric> metrics = new ArrayList<>(helpers.values());
    metrics.add(metric);
    return new Proposed(metrics, words(term, false), List.copyOf(remarks), "");
  }

  private static Metric metric(String name, Optional<String> table, String sql, Shown shown) {
    return new Metric(
        name,
        name.replace('_', ' '),
        table,
        sql,
        List.of(),
        shown.unit(),
        Optional.empty(),
        Metric.AcrossTime.ADDS_UP,
        shown.as(),
        Optional.empty(),
        "");
  }

  private static Stream<Term.Leaf> leaves(Term term) {
    if (term instanceof Term.Leaf leaf) {
      return Stream.of(leaf);
    }
    return term instanceof Term.Operation o
        ? Stream.concat(leaves(o.left()), leaves(o.right()))
        : Stream.empty();
  }

  // ---- SQL

  /** How a part that is not put together is written. */
  private interface Leaves {
    Piece piece(Term.Leaf leaf);
  }

  private Piece piece(Term term, Leaves leaves) {
    if (term instanceof Term.Leaf leaf) {
      return leaves.piece(leaf);
    } else if (term instanceof Term.Number number) {
      return new Piece(number.value().toPlainString(), false, 3);
    }
    Term.Operation operation = (Term.Operation) term;
    Piece left = piece(operation.left(), leaves);
    Piece right = piece(operation.right(), leaves);
    boolean missing = left.mayBeMissing() || right.mayBeMissing();
    return switch (operation.operator()) {
      case PLUS ->
          new Piece(
              filled(left, operation.left()).within(1)
                  + " + "
                  + filled(right, operation.right()).within(1),
              false,
              1);
      case MINUS ->
          new Piece(
              filled(left, operation.left()).within(1)
                  + " - "
                  + filled(right, operation.right()).within(2),
              false,
              1);
      case TIMES -> new Piece(left.within(2) + " * " + right.within(3), missing, 2);
      case DIVIDED_BY -> {
        if (!(operation.right() instanceof Term.Number)) {
          remarks.add(
              "Divided by "
                  + words(operation.right(), false)
                  + ": no value where that is 0 or missing.");
        }
        yield new Piece(left.within(2) + " / " + right.within(3), true, 2);
      }
    };
  }

  /** What is added or taken away counts as nothing where there is none of it. */
  private Piece filled(Piece piece, Term term) {
    if (!piece.mayBeMissing() || !(term instanceof Term.Leaf)) {
      return piece;
    }
    remarks.add("Missing values of " + words(term, false) + " count as 0.");
    return new Piece("coalesce(" + piece.sql() + ", 0)", false, 3);
  }

  private Piece ofMetrics(Term.Leaf leaf) {
    if (leaf.measure() instanceof Measure.MetricValue value) {
      if (!leaf.filters().isEmpty()) {
        leaf.filters().forEach(this::noPeriod);
        throw new Unfit(
            "\""
                + words(leaf, false)
                + "\" limits the metric "
                + words(new Term.Leaf(value, List.of()), false)
                + ". Make a metric of its own for it, with filter (where ...) in its SQL.");
      }
      return new Piece(value.metric(), true, 3);
    }
    Metric helper = helpers.computeIfAbsent(leaf, this::helper);
    return new Piece(helper.name(), true, 3);
  }

  private Metric helper(Term.Leaf leaf) {
    String table = MeasureTables.of(leaf.measure(), model).iterator().next();
    String name = words(leaf, false).toLowerCase(java.util.Locale.ROOT);
    name = name.replaceAll("[^a-z0-9]+", "_").replaceAll("^[_0-9]+|_+$", "");
    if (model.findMetric(name).isPresent()) {
      name += "_here";
    }
    return metric(name, Optional.of(table), overRows(leaf).sql(), shown(leaf));
  }

  private Piece overRows(Term.Leaf leaf) {
    Table table = model.table(MeasureTables.of(leaf.measure(), model).iterator().next());
    String sql = aggregate(leaf);
    if (!leaf.filters().isEmpty()) {
      List<String> all = leaf.filters().stream().map(f -> condition(f, table)).toList();
      sql += " filter (where " + String.join(" and ", all) + ")";
    }
    return new Piece(sql, !sql.startsWith("count("), 3);
  }

  private String aggregate(Term.Leaf leaf) {
    Measure.Basic measure = leaf.measure();
    if (measure instanceof Measure.RowCount) {
      return "count(*)";
    } else if (measure instanceof Measure.DistinctValues values) {
      return "count(distinct " + values.column().column() + ")";
    } else if (measure instanceof Measure.DistinctRows rows) {
      List<Link> links =
          model.table(rows.with()).links().stream()
              .filter(l -> l.to().equals(rows.counted()))
              .toList();
      if (links.size() != 1) {
        throw new Unfit(
            "\"" + words(leaf, false) + "\" goes through more than one link. Write its SQL.");
      }
      return "count(distinct " + links.get(0).by() + ")";
    } else if (measure instanceof Measure.Statistic statistic) {
      return statistic(statistic.kind(), statistic.column().column(), statistic.percentile());
    }
    Measure.Duration duration = (Measure.Duration) measure;
    boolean days = isDate(duration.from()) && isDate(duration.to());
    if (!days) {
      throw new Unfit(
          "\""
              + words(leaf, false)
              + "\" is a time between two times of day. Make it a computed column first.");
    }
    String time = duration.to().column() + " - " + duration.from().column();
    return statistic(duration.kind(), time, 0);
  }

  private boolean isDate(ColumnRef column) {
    return model.column(column).holds() == Column.Holds.DATE;
  }

  private static String statistic(Measure.Kind kind, String of, int percentile) {
    return switch (kind) {
      case SUM -> "sum(" + of + ")";
      case AVERAGE -> "avg(" + of + ")";
      case MINIMUM -> "min(" + of + ")";
      case MAXIMUM -> "max(" + of + ")";
      case STANDARD_DEVIATION -> "stddev_samp(" + of + ")";
      case MEDIAN -> "percentile_cont(0.5) within group (order by " + of + ")";
      case PERCENTILE ->
          "percentile_cont(" + percentile / 100.0 + ") within group (order by " + of + ")";
    };
  }

  private String condition(Filter filter, Table table) {
    if (filter instanceof Filter.InValues in && isOf(in.column(), table)) {
      String column = in.column().column();
      List<String> values = in.values().stream().map(MetricWriting::quoted).toList();
      String are =
          values.size() == 1
              ? column + (in.negated() ? " <> " : " = ") + values.get(0)
              : column + (in.negated() ? " not in (" : " in (") + String.join(", ", values) + ")";
      return in.negated() ? "(" + column + " is null or " + are + ")" : are;
    } else if (filter instanceof Filter.Compare compare && isOf(compare.column(), table)) {
      String low = compare.low().toPlainString();
      return compare.column().column()
          + switch (compare.comparison()) {
            case MORE_THAN -> " > " + low;
            case AT_LEAST -> " >= " + low;
            case LESS_THAN -> " < " + low;
            case AT_MOST -> " <= " + low;
            case EQUAL_TO -> " = " + low;
            case BETWEEN ->
                " between " + low + " and " + compare.high().orElseThrow().toPlainString();
          };
    } else if (filter instanceof Filter.Missing missing && isOf(missing.column(), table)) {
      return missing.column().column() + (missing.negated() ? " is not null" : " is null");
    } else if (filter instanceof Filter.Meets meets
        && meets.table().equals(table.name())
        && !meets.negated()) {
      return "(" + table.findCondition(meets.condition()).orElseThrow().sql() + ")";
    } else if (filter instanceof Filter.IsTrue yes && isOf(yes.column(), table) && !yes.negated()) {
      return yes.column().column();
    }
    noPeriod(filter);
    throw new Unfit(
        "\""
            + restatement.filter(filter)
            + "\" is no matter of single "
            + table.rowNounPlural()
            + ", and the SQL of their metrics knows only their own columns. Ask for it instead, as"
            + " in \"... "
            + restatement.filter(filter)
            + "\".");
  }

  private void noPeriod(Filter filter) {
    if (filter instanceof Filter.InPeriod || filter instanceof Filter.Recurring) {
      throw new Unfit(
          "A metric has no period (\""
              + restatement.filter(filter)
              + "\"); that is said when it is asked for.");
    }
  }

  private static boolean isOf(ColumnRef column, Table table) {
    return column.table().equals(table.name());
  }

  private static String quoted(String value) {
    return "'" + value.replace("'", "''") + "'";
  }

  // ---- what it is counted in

  private Shown shown(Term term) {
    if (term instanceof Term.Leaf leaf) {
      return shown(leaf.measure());
    } else if (!(term instanceof Term.Operation operation)) {
      return Shown.PLAIN;
    } else {
      Shown left = shown(operation.left());
      Shown right = shown(operation.right());
      return switch (operation.operator()) {
        case PLUS, MINUS -> left.equals(right) ? left : Shown.PLAIN;
        case TIMES -> operation.right() instanceof Term.Number ? left : Shown.PLAIN;
        case DIVIDED_BY ->
            isPart(operation)
                ? new Shown(Optional.empty(), ShownAs.PERCENT)
                : left.as() == ShownAs.MONEY && right.as() != ShownAs.MONEY ? left : Shown.PLAIN;
      };
    }
  }

  /** Whether some of the rows are divided by all of them. */
  private static boolean isPart(Term.Operation division) {
    return division.left() instanceof Term.Leaf some
        && division.right() instanceof Term.Leaf all
        && some.measure().equals(all.measure())
        && some.filters().containsAll(all.filters());
  }

  private Shown shown(Measure.Basic measure) {
    if (measure instanceof Measure.MetricValue value) {
      Metric metric = model.metric(value.metric());
      return new Shown(metric.unit(), metric.shownAs());
    } else if (measure instanceof Measure.Statistic statistic) {
      return new Shown(model.column(statistic.column()).unit(), ShownAs.NUMBER);
    }
    return measure instanceof Measure.Duration
        ? new Shown(Optional.of("days"), ShownAs.NUMBER)
        : Shown.PLAIN;
  }

  // ---- words

  private String words(Term term, boolean within) {
    if (term instanceof Term.Number number) {
      return number.value().toPlainString();
    } else if (term instanceof Term.Operation o) {
      String words =
          restatement.together(o.operator(), words(o.left(), true), words(o.right(), true));
      return within ? "(" + words + ")" : words;
    }
    Term.Leaf leaf = (Term.Leaf) term;
    return leaf.filters().isEmpty()
        ? restatement.measure(leaf.measure())
        : restatement.measure(new Measure.Narrowed(leaf.measure(), leaf.filters()));
  }
}
