package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** How the parts of a plan appear in an answer. */
final class OutputColumns {
  private final Ground ground;
  private final Model model;

  private OutputColumns(Ground ground) {
    this.ground = ground;
    this.model = ground.model();
  }

  /** The columns of the plan's answer, in their order. */
  static List<OutputColumn> of(Plan plan, Ground ground) {
    OutputColumns columns = new OutputColumns(ground);
    List<OutputColumn> all = new ArrayList<>();
    plan.listing().ifPresent(l -> l.columns().forEach(c -> all.add(columns.listed(c))));
    plan.groupings().forEach(g -> all.add(columns.group(g)));
    plan.measures().forEach(m -> all.add(columns.measure(m)));
    if (plan.claim().isPresent()) {
      all.add(number(PlanSql.YES_OR_NO, OutputColumn.Kind.YES_NO));
    }
    return all;
  }

  private static OutputColumn number(String name, OutputColumn.Kind kind) {
    return new OutputColumn(name, kind, Optional.empty(), Metric.ShownAs.NUMBER);
  }

  private OutputColumn listed(ColumnRef ref) {
    Column column = model.column(ref);
    OutputColumn.Kind kind =
        column.holds() == Column.Holds.NUMBER ? OutputColumn.Kind.NUMBER : kind(column);
    String name = ground.restatement().grouping(new Grouping.ByColumn(ref));
    return new OutputColumn(name, kind, column.unit(), Metric.ShownAs.NUMBER);
  }

  private OutputColumn group(Grouping grouping) {
    String name = ground.restatement().grouping(grouping);
    if (grouping instanceof Grouping.ByTime time) {
      return number(name, OutputColumn.Kind.valueOf(time.unit().name()));
    } else if (grouping instanceof Grouping.ByColumn by) {
      Column column = model.column(by.column());
      return new OutputColumn(name, kind(column), column.unit(), Metric.ShownAs.NUMBER);
    } else if (grouping instanceof Grouping.BySteps || grouping instanceof Grouping.ByBands) {
      return number(name, OutputColumn.Kind.RANGE);
    } else if (grouping instanceof Grouping.ByCondition) {
      return number(name, OutputColumn.Kind.YES_NO);
    }
    return number(name, OutputColumn.Kind.CATEGORY);
  }

  private static OutputColumn.Kind kind(Column column) {
    return switch (column.holds()) {
      case DATE, TIME -> OutputColumn.Kind.DATE;
      case YES_NO -> OutputColumn.Kind.YES_NO;
      default -> OutputColumn.Kind.CATEGORY;
    };
  }

  private OutputColumn measure(Measure measure) {
    String name = ground.restatement().measure(measure);
    return new OutputColumn(name, kind(measure), unit(measure), shownAs(measure));
  }

  private OutputColumn.Kind kind(Measure measure) {
    Measure basic = measure instanceof Measure.Narrowed n ? n.of() : measure;
    return basic instanceof Measure.Statistic s && model.column(s.column()).holds().isTemporal()
        ? OutputColumn.Kind.DATE
        : OutputColumn.Kind.NUMBER;
  }

  private Optional<String> unit(Measure measure) {
    if (measure instanceof Measure.MetricValue value) {
      return model.metric(value.metric()).unit();
    } else if (measure instanceof Measure.Statistic statistic) {
      return model.column(statistic.column()).unit();
    } else if (measure instanceof Measure.Duration duration) {
      boolean inHours =
          model.column(duration.from()).holds() == Column.Holds.TIME
              && model.column(duration.to()).holds() == Column.Holds.TIME;
      return Optional.of(inHours ? "hours" : "days");
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return unit(narrowed.of());
    } else if (measure instanceof Measure.OverParts over) {
      return unit(over.of());
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      boolean same = unit(arithmetic.left()).equals(unit(arithmetic.right()));
      return same && isSum(arithmetic) || isMoneyForEach(arithmetic)
          ? unit(arithmetic.left())
          : Optional.empty();
    }
    boolean sameAsOf =
        measure instanceof Measure.Cumulative
            || measure instanceof Measure.MovingAverage
            || measure instanceof Measure.Distance
            || measure instanceof Measure.Compared c && c.move() != Measure.Move.GROWTH;
    return sameAsOf ? unit(((Measure.Figure) measure).of()) : Optional.empty();
  }

  /** Money divided by what is none is so much money for each. */
  private boolean isMoneyForEach(Measure.Arithmetic arithmetic) {
    return arithmetic.operator() == Measure.Operator.DIVIDED_BY
        && shownAs(arithmetic.left()) == Metric.ShownAs.MONEY
        && shownAs(arithmetic.right()) == Metric.ShownAs.NUMBER
        && !unit(arithmetic.left()).equals(unit(arithmetic.right()));
  }

  private static boolean isSum(Measure.Arithmetic arithmetic) {
    return arithmetic.operator() == Measure.Operator.PLUS
        || arithmetic.operator() == Measure.Operator.MINUS;
  }

  private Metric.ShownAs shownAs(Measure measure) {
    if (measure instanceof Measure.MetricValue value) {
      return model.metric(value.metric()).shownAs();
    } else if (measure instanceof Measure.Portion
        || measure instanceof Measure.Share
        || measure instanceof Measure.Compared c && c.move() == Measure.Move.GROWTH) {
      return Metric.ShownAs.PERCENT;
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return shownAs(narrowed.of());
    } else if (measure instanceof Measure.OverParts over) {
      return shownAs(over.of());
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      boolean same = shownAs(arithmetic.left()) == shownAs(arithmetic.right());
      return same && isSum(arithmetic) || isMoneyForEach(arithmetic)
          ? shownAs(arithmetic.left())
          : Metric.ShownAs.NUMBER;
    } else if (measure instanceof Measure.Figure figure && !(figure instanceof Measure.Rank)) {
      return shownAs(figure.of());
    }
    return Metric.ShownAs.NUMBER;
  }
}
