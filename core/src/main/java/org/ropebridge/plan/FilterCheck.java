package org.ropebridge.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Ground.Base;
import org.ropebridge.plan.PlanCheck.Kind;

/** Checks filters against the rows that they limit. */
final class FilterCheck {
  /** How deep filters by other plans may stand in each other. */
  static final int DEEPEST = 2;

  private final Ground ground;
  private final PlanCheck plans;
  private final int depth;

  FilterCheck(Ground ground, PlanCheck plans, int depth) {
    this.ground = ground;
    this.plans = plans;
    this.depth = depth;
  }

  /** Checks filters that must hold together. */
  void all(Base base, List<Filter> filters) {
    filters.forEach(f -> one(base, f));
  }

  /** Holds that no two of the filters say the same thing about the same column. */
  void eachOnce(List<Filter> filters) {
    if (new HashSet<>(filters).size() < filters.size()) {
      ground.malformed("The same thing is asked for twice.");
    }
    List<List<Object>> recurring =
        filters.stream()
            .filter(Filter.Recurring.class::isInstance)
            .map(f -> List.<Object>of(((Filter.Recurring) f).date(), ((Filter.Recurring) f).part()))
            .toList();
    if (new HashSet<>(recurring).size() < recurring.size()) {
      ground.malformed("One date is limited to days of the week, months or hours twice.");
    }
    List<ColumnRef> columns =
        filters.stream()
            .filter(f -> f instanceof Filter.InValues in && !in.negated())
            .map(f -> ((Filter.InValues) f).column())
            .toList();
    if (new HashSet<>(columns).size() < columns.size()) {
      ground.malformed("One column is limited to values twice.");
    }
  }

  private void one(Base base, Filter filter) {
    if (filter instanceof Filter.InValues values) {
      ground.column(base, values.column());
    } else if (filter instanceof Filter.Compare compare) {
      ground.column(base, compare.column(), Column.Holds.NUMBER);
    } else if (filter instanceof Filter.IsTrue yes) {
      ground.column(base, yes.column(), Column.Holds.YES_NO);
    } else if (filter instanceof Filter.Missing missing) {
      ground.column(base, missing.column());
    } else if (filter instanceof Filter.HasText text) {
      ground.column(
          base,
          text.column(),
          Column.Holds.TEXT,
          Column.Holds.CATEGORY,
          Column.Holds.ID,
          Column.Holds.REGION);
    } else if (filter instanceof Filter.Meets meets) {
      ground.condition(base, meets.table(), meets.condition());
    } else if (filter instanceof Filter.InPeriod period) {
      if (!base.stands() || period.date().isPresent()) {
        ground.date(base, period.date());
      }
    } else if (filter instanceof Filter.Recurring recurring) {
      ground.hours(base, recurring.part(), recurring.date());
      ground.date(base, recurring.date());
    } else if (filter instanceof Filter.Having having) {
      having(base, having);
    } else {
      among(base, (Filter.Among) filter);
    }
  }

  private void having(Base base, Filter.Having having) {
    if (!ground.hasTable(having.anchor()) || !ground.hasTable(having.table()) || tooDeep()) {
      return;
    }
    ground.way(base.table(), ground.key(having.anchor(), Optional.empty()));
    if (having.anchor().equals(having.table()) && having.role().isEmpty()) {
      ground.malformed("A row cannot be looked for among its own kind without a role.");
      return;
    }
    ground.way(having.table(), ground.key(having.anchor(), having.role()));
    Optional<ColumnRef> date = MeasureTables.date(having.table(), Optional.empty(), ground.model());
    FilterCheck inner = new FilterCheck(ground, plans, depth + 1);
    inner.all(new Base(having.table(), date), having.filters());
    inner.eachOnce(having.filters());
  }

  private void among(Base base, Filter.Among among) {
    ground.column(base, among.column());
    if (tooDeep() || !ground.isSound()) {
      return;
    }
    Plan plan = among.plan();
    List<PlanCheck.Fault> inner = plans.faults(plan, depth + 1);
    if (!inner.isEmpty()) {
      ground.faults().addAll(inner);
      return;
    }
    Grouping wanted = new Grouping.ByColumn(among.column().withoutRole());
    boolean groups =
        plan.groupings().size() == 1
            && plan.groupings().get(0) instanceof Grouping.ByColumn by
            && wanted.equals(new Grouping.ByColumn(by.column().withoutRole()));
    boolean rows =
        plan.listing()
            .filter(l -> l.table().equals(among.column().table()) && l.per().isEmpty())
            .filter(l -> ground.model().namesItsTable(among.column()))
            .isPresent();
    if (!groups && !rows || plan.claim().isPresent()) {
      ground.malformed(
          "The inner question must find " + ground.model().column(among.column()).label() + ".");
    }
  }

  private boolean tooDeep() {
    if (depth >= DEEPEST) {
      ground.fault(Kind.MALFORMED, "The question has too many questions inside each other.");
    }
    return depth >= DEEPEST;
  }
}
