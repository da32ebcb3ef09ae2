package org.ropebridge.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.ropebridge.model.ColumnRef;

/**
 * Replaces columns throughout a plan. Plans inside filters, and filters of rows that only point at
 * what counts, stand on their own and are left as they are.
 */
public final class ColumnMapping {
  private final UnaryOperator<ColumnRef> columns;
  private final UnaryOperator<Measure.DistinctRows> distinct;

  /**
   * Makes a mapping.
   *
   * @param columns what stands for each column
   * @param distinct what stands for each count of distinct rows
   */
  public ColumnMapping(
      UnaryOperator<ColumnRef> columns, UnaryOperator<Measure.DistinctRows> distinct) {
    this.columns = columns;
    this.distinct = distinct;
  }

  /** The plan with its columns replaced. */
  public Plan of(Plan plan) {
    return new Plan(
        plan.measures().stream().map(this::of).distinct().toList(),
        plan.groupings().stream().map(this::of).distinct().toList(),
        filters(plan.filters()),
        plan.keeps().stream().map(k -> new Plan.Keep(of(k.measure()), of(k.test()))).toList(),
        plan.ranking()
            .map(r -> new Plan.Ranking(r.top(), r.count(), of(r.by()), r.within().map(this::of))),
        plan.sort().map(s -> new Plan.Sort(key(s.by()), s.descending())),
        plan.listing().map(this::of),
        plan.claim(),
        plan.picture());
  }

  private Plan.Test of(Plan.Test test) {
    if (test instanceof Plan.BesideGroup beside) {
      return new Plan.BesideGroup(beside.above(), columns.apply(beside.column()), beside.value());
    }
    return test instanceof Plan.LikeGroup like
        ? new Plan.LikeGroup(columns.apply(like.column()), like.value())
        : test;
  }

  private Plan.SortKey key(Plan.SortKey key) {
    return key instanceof Measure measure ? of(measure) : of((Grouping) key);
  }

  private Listing of(Listing listing) {
    return new Listing(
        listing.table(),
        listing.columns().stream().map(columns).distinct().toList(),
        listing.order().map(o -> new Listing.Order(columns.apply(o.by()), o.descending())),
        listing.count(),
        listing.per().map(columns));
  }

  Grouping of(Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      return new Grouping.ByColumn(columns.apply(by.column()));
    } else if (grouping instanceof Grouping.ByTime by) {
      return new Grouping.ByTime(by.unit(), date(by.date()));
    } else if (grouping instanceof Grouping.BySteps by) {
      return new Grouping.BySteps(columns.apply(by.column()), by.width());
    } else if (grouping instanceof Grouping.ByBands by) {
      return new Grouping.ByBands(columns.apply(by.column()), by.edges());
    } else if (grouping instanceof Grouping.ByWords by) {
      return new Grouping.ByWords(columns.apply(by.column()), by.words());
    }
    return grouping;
  }

  private Optional<ColumnRef> date(Optional<ColumnRef> date) {
    return date.map(columns);
  }

  private List<Filter> filters(List<Filter> filters) {
    return filters.stream().map(this::of).distinct().toList();
  }

  Filter of(Filter filter) {
    if (filter instanceof Filter.InValues f) {
      return new Filter.InValues(columns.apply(f.column()), f.values(), f.negated());
    } else if (filter instanceof Filter.Compare f) {
      return new Filter.Compare(columns.apply(f.column()), f.comparison(), f.low(), f.high());
    } else if (filter instanceof Filter.IsTrue f) {
      return new Filter.IsTrue(columns.apply(f.column()), f.negated());
    } else if (filter instanceof Filter.Missing f) {
      return new Filter.Missing(columns.apply(f.column()), f.negated());
    } else if (filter instanceof Filter.HasText f) {
      return new Filter.HasText(columns.apply(f.column()), f.where(), f.text(), f.negated());
    } else if (filter instanceof Filter.InPeriod f) {
      return new Filter.InPeriod(f.period(), date(f.date()), f.negated());
    } else if (filter instanceof Filter.Recurring f) {
      return new Filter.Recurring(f.part(), f.numbers(), date(f.date()), f.negated());
    } else if (filter instanceof Filter.Among f) {
      return new Filter.Among(columns.apply(f.column()), f.plan(), f.negated());
    }
    return filter;
  }

  Measure of(Measure measure) {
    if (measure instanceof Measure.Share m) {
      return new Measure.Share(plain(m.of()), m.within().map(this::of));
    } else if (measure instanceof Measure.Compared m) {
      return new Measure.Compared(m.move(), plain(m.of()), m.earlier());
    } else if (measure instanceof Measure.Cumulative m) {
      return new Measure.Cumulative(plain(m.of()));
    } else if (measure instanceof Measure.MovingAverage m) {
      return new Measure.MovingAverage(plain(m.of()), m.spans());
    } else if (measure instanceof Measure.Rank m) {
      return new Measure.Rank(plain(m.of()));
    } else if (measure instanceof Measure.Distance m) {
      return new Measure.Distance(plain(m.of()), m.level());
    }
    return plain((Measure.Plain) measure);
  }

  private Measure.Plain plain(Measure.Plain measure) {
    if (measure instanceof Measure.Narrowed m) {
      return new Measure.Narrowed(basic(m.of()), filters(m.filters()));
    } else if (measure instanceof Measure.Portion m) {
      return new Measure.Portion(basic(m.of()), filters(m.filters()));
    } else if (measure instanceof Measure.Arithmetic m) {
      return new Measure.Arithmetic(m.operator(), plain(m.left()), plain(m.right()), m.factor());
    } else if (measure instanceof Measure.OverParts m) {
      return new Measure.OverParts(m.kind(), plain(m.of()), of(m.part()));
    } else if (measure instanceof Measure.Correlation m) {
      return new Measure.Correlation(plain(m.first()), plain(m.second()), of(m.over()));
    }
    return basic((Measure.Basic) measure);
  }

  private Measure.Basic basic(Measure.Basic measure) {
    return measure instanceof Measure.DistinctRows rows ? distinct.apply(rows) : measure;
  }
}
