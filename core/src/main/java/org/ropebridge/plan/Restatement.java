package org.ropebridge.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.Model;

/**
 * Says a plan in plain words. Reading those words gives the same plan, so that a restatement is
 * also the notation of what a sample question means.
 */
public final class Restatement {
  private final Model model;
  private final Naming naming;
  private final Phrasebook phrases;
  private final PeriodResolver resolver;

  public Restatement(Model model, Phrasebook phrases, PeriodResolver resolver) {
    this.model = model;
    this.naming = new Naming(model);
    this.phrases = phrases;
    this.resolver = resolver;
  }

  /** The plan in words. */
  public String of(Plan plan) {
    StringBuilder text = new StringBuilder();
    Optional<String> ranked = rankedHead(plan);
    if (ranked.isPresent()) {
      text.append(ranked.get());
    } else {
      text.append(phrases.and(plan.measures().stream().map(this::measure).toList()));
      if (!plan.groupings().isEmpty()) {
        text.append(' ').append(phrases.by(plan.groupings().stream().map(this::grouping).toList()));
      }
    }
    List<String> tail = new ArrayList<>();
    for (Filter filter : plan.filters()) {
      tail.add(filter(filter));
    }
    if (!tail.isEmpty()) {
      text.append(' ').append(String.join(", ", tail));
    }
    if (ranked.isEmpty()) {
      plan.ranking()
          .ifPresent(
              r ->
                  text.append(", ")
                      .append(phrases.rankedAtEnd(r.top(), r.count(), measure(r.by()))));
    }
    plan.sort()
        .ifPresent(s -> text.append(", ").append(phrases.sorted(sortKey(s.by()), s.descending())));
    plan.picture().ifPresent(p -> text.append(' ').append(phrases.picture(p)));
    return text.toString();
  }

  /** "top 5 huts by revenue", when that says it all. */
  private Optional<String> rankedHead(Plan plan) {
    if (plan.ranking().isEmpty() || plan.measures().size() > 1 || plan.groupings().size() > 1) {
      return Optional.empty();
    }
    Plan.Ranking ranking = plan.ranking().get();
    Grouping grouping = plan.groupings().get(0);
    String what;
    if (grouping instanceof Grouping.ByTime time) {
      if (time.date().isPresent() || !time.unit().isStretch()) {
        return Optional.empty();
      }
      String unit = phrases.timeUnit(time.unit());
      what = ranking.count() == 1 ? unit : phrases.plural(unit);
    } else {
      Grouping.ByColumn by = (Grouping.ByColumn) grouping;
      if (by.column().role().isPresent() || !model.namesItsTable(by.column())) {
        return Optional.empty();
      }
      what =
          ranking.count() == 1
              ? model.table(by.column().table()).rowNoun()
              : naming.rows(by.column().table());
    }
    return Optional.of(phrases.ranked(ranking.top(), ranking.count(), what, measure(ranking.by())));
  }

  private String sortKey(Plan.SortKey key) {
    return key instanceof Measure measure ? measure(measure) : grouping((Grouping) key);
  }

  /** The measure in words; also the heading of its column. */
  public String measure(Measure measure) {
    if (measure instanceof Measure.MetricValue value) {
      return naming.metric(value.metric());
    } else if (measure instanceof Measure.RowCount count) {
      return phrases.rowCount(naming.rows(count.table()));
    } else if (measure instanceof Measure.DistinctRows rows) {
      return phrases.distinctRows(
          naming.rows(rows.counted()), naming.rows(rows.with()), rows.role().map(naming::role));
    } else if (measure instanceof Measure.DistinctValues values) {
      return phrases.distinctValues(naming.column(values.column()));
    } else {
      Measure.Statistic statistic = (Measure.Statistic) measure;
      String phrase =
          phrases.statistic(
              statistic.kind(), statistic.percentile(), naming.column(statistic.column()));
      return naming.isName(phrase)
          ? phrases.statistic(
              statistic.kind(), statistic.percentile(), naming.qualified(statistic.column()))
          : phrase;
    }
  }

  /** The grouping in words; also the heading of its column. */
  public String grouping(Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      return naming.column(by.column());
    }
    Grouping.ByTime time = (Grouping.ByTime) grouping;
    return time.date()
        .map(d -> phrases.timeUnitOfDate(time.unit(), naming.column(d)))
        .orElseGet(() -> phrases.timeUnit(time.unit()));
  }

  /** The filter in words. */
  public String filter(Filter filter) {
    if (filter instanceof Filter.InValues in) {
      Column column = model.column(in.column());
      List<String> names =
          in.values().stream().map(v -> phrases.value(column.nameOfValue(v))).toList();
      return phrases.values(naming.column(in.column()), names, in.negated());
    } else if (filter instanceof Filter.Compare compare) {
      return phrases.compare(
          naming.column(compare.column()),
          compare.comparison(),
          compare.low(),
          compare.high(),
          model.column(compare.column()).unit());
    } else if (filter instanceof Filter.Meets meets) {
      return phrases.condition(naming.condition(meets.table(), meets.condition()), meets.negated());
    } else if (filter instanceof Filter.IsTrue yes) {
      return phrases.yes(naming.column(yes.column()), yes.negated());
    } else if (filter instanceof Filter.InPeriod in) {
      String period = phrases.period(in.period(), resolver, in.negated());
      return in.date().map(d -> phrases.onDate(naming.column(d), period)).orElse(period);
    } else {
      Filter.OnWeekdays on = (Filter.OnWeekdays) filter;
      String days = phrases.weekdays(on.days(), on.negated());
      return on.date().map(d -> phrases.onDate(naming.column(d), days)).orElse(days);
    }
  }
}
