package org.ropebridge.plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
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
    text.append(ranked.orElseGet(() -> head(plan)));
    List<String> tail = filters(plan.filters());
    plan.keeps().forEach(k -> tail.add(keep(k)));
    if (!tail.isEmpty()) {
      text.append(' ').append(String.join(", ", tail));
    }
    if (ranked.isEmpty()) {
      plan.ranking()
          .ifPresent(
              r -> {
                text.append(", ").append(phrases.rankedAtEnd(r.top(), r.count(), operand(r.by())));
                r.within().ifPresent(w -> text.append(' ').append(within(w)));
              });
    }
    plan.sort()
        .ifPresent(s -> text.append(", ").append(phrases.sorted(sortKey(s.by()), s.descending())));
    plan.listing().ifPresent(l -> listingEnd(l, text));
    plan.picture().ifPresent(p -> text.append(' ').append(phrases.picture(p)));
    return text.toString();
  }

  /**
   * A part of a plan.
   *
   * @param index its place among the parts of its kind, from 0
   * @param words as a restatement says it
   */
  public record Part(Kind kind, int index, String words) {}

  /** Kinds of parts of a plan. */
  public enum Kind {
    ROWS,
    MEASURE,
    GROUPING,
    FILTER,
    KEEP,
    CLAIM,
    RANKING,
    SORT,
    ROW_ORDER,
    PICTURE
  }

  /** What a plan is made of; parts that two plans share are said alike. */
  public List<Part> parts(Plan plan) {
    List<Part> parts = new ArrayList<>();
    plan.listing().ifPresent(l -> add(parts, Kind.ROWS, rows(l)));
    plan.measures().forEach(m -> add(parts, Kind.MEASURE, measure(m)));
    plan.claim().ifPresent(c -> add(parts, Kind.CLAIM, claim(plan.measures().get(0), c)));
    plan.groupings().forEach(g -> add(parts, Kind.GROUPING, breakdown(g)));
    filters(plan.filters()).forEach(f -> add(parts, Kind.FILTER, f));
    plan.keeps().forEach(k -> add(parts, Kind.KEEP, keep(k)));
    plan.ranking()
        .ifPresent(
            r -> {
              String ranked = phrases.rankedAtEnd(r.top(), r.count(), operand(r.by()));
              add(
                  parts,
                  Kind.RANKING,
                  r.within().map(w -> ranked + " " + within(w)).orElse(ranked));
            });
    plan.sort()
        .ifPresent(s -> add(parts, Kind.SORT, phrases.sorted(sortKey(s.by()), s.descending())));
    plan.listing()
        .ifPresent(
            l -> {
              StringBuilder end = new StringBuilder();
              listingEnd(l, end);
              if (end.length() > 0) {
                add(parts, Kind.ROW_ORDER, end.toString().replaceFirst("^[, ]+", ""));
              }
            });
    plan.picture().ifPresent(p -> add(parts, Kind.PICTURE, phrases.picture(p)));
    return parts;
  }

  private static void add(List<Part> parts, Kind kind, String words) {
    int index = (int) parts.stream().filter(p -> p.kind() == kind).count();
    parts.add(new Part(kind, index, words));
  }

  private String rows(Listing listing) {
    return phrases.listing(
        naming.rows(listing.table()), listing.columns().stream().map(naming::column).toList());
  }

  private String claim(Measure measure, Bound bound) {
    return phrases.claim(operand(measure), bound, isPercent(measure));
  }

  private String head(Plan plan) {
    if (plan.listing().isPresent()) {
      return rows(plan.listing().get());
    } else if (plan.claim().isPresent()) {
      return claim(plan.measures().get(0), plan.claim().get());
    }
    String measures = phrases.and(plan.measures().stream().map(this::measure).toList());
    return plan.groupings().isEmpty()
        ? measures
        : measures + " " + phrases.by(plan.groupings().stream().map(this::grouping).toList());
  }

  private void listingEnd(Listing listing, StringBuilder text) {
    listing
        .order()
        .ifPresent(
            o -> {
              String by = naming.column(o.by());
              text.append(", ")
                  .append(
                      listing
                          .count()
                          .map(n -> phrases.firstRows(n, by, o.descending()))
                          .orElseGet(() -> phrases.sorted(by, o.descending())));
            });
    listing.per().ifPresent(p -> text.append(' ').append(phrases.within(naming.column(p))));
  }

  private String within(Grouping grouping) {
    return phrases.within(grouping(grouping));
  }

  private List<String> filters(List<Filter> filters) {
    return new ArrayList<>(filters.stream().map(this::filter).toList());
  }

  private String nameOf(ColumnRef column, String value) {
    return phrases.value(model.column(column).nameOfValue(value));
  }

  private String keep(Plan.Keep keep) {
    String measure = operand(keep.measure());
    if (keep.test() instanceof Plan.BesideGroup beside) {
      return phrases.besideGroup(
          measure,
          beside.above(),
          naming.column(beside.column()),
          nameOf(beside.column(), beside.value()));
    }
    if (keep.test() instanceof Plan.LikeGroup like) {
      return phrases.likeGroup(
          measure, naming.column(like.column()), nameOf(like.column(), like.value()));
    }
    if (keep.test() instanceof Plan.AmongFirst among) {
      return phrases.amongFirst(measure, among.top(), among.percent());
    }
    return keep.test() instanceof Plan.Against against
        ? phrases.keeps(measure, against.bound(), isPercent(keep.measure()))
        : phrases.besideAverage(measure, ((Plan.BesideAverage) keep.test()).above());
  }

  /** Whether the measure is written as a percentage. */
  private boolean isPercent(Measure measure) {
    return measure instanceof Measure.MetricValue value
            && model.metric(value.metric()).shownAs() == Metric.ShownAs.PERCENT
        || measure instanceof Measure.Narrowed n && isPercent(n.of())
        || measure instanceof Measure.OverParts o && isPercent(o.of())
        || measure instanceof Measure.Portion
        || measure instanceof Measure.Share
        || measure instanceof Measure.Compared c && c.move() == Measure.Move.GROWTH;
  }

  /** The measure as a part of a longer phrase. */
  private String operand(Measure measure) {
    String words = measure(measure);
    return measure instanceof Measure.Basic ? words : phrases.enclosed(words);
  }

  /** "top 5 huts by revenue", when that says it all. */
  private Optional<String> rankedHead(Plan plan) {
    if (plan.ranking().isEmpty() || plan.measures().size() > 1) {
      return Optional.empty();
    }
    Plan.Ranking ranking = plan.ranking().get();
    int groups = plan.groupings().size();
    boolean within = groups == 2 && ranking.within().equals(Optional.of(plan.groupings().get(0)));
    if (!within && (groups > 1 || ranking.within().isPresent())) {
      return Optional.empty();
    }
    Grouping grouping = plan.groupings().get(groups - 1);
    String what;
    if (grouping instanceof Grouping.ByTime time) {
      if (time.date().isPresent() || !time.unit().isStretch()) {
        return Optional.empty();
      }
      String unit = phrases.timeUnit(time.unit());
      what = ranking.count() == 1 ? unit : phrases.plural(unit);
    } else if (grouping instanceof Grouping.ByColumn by) {
      if (by.column().role().isPresent() || !model.isKnownBy(by.column())) {
        return Optional.empty();
      }
      what =
          ranking.count() == 1
              ? model.table(by.column().table()).rowNoun()
              : naming.rows(by.column().table());
    } else {
      return Optional.empty();
    }
    String head = phrases.ranked(ranking.top(), ranking.count(), what, operand(ranking.by()));
    return Optional.of(within ? head + " " + within(plan.groupings().get(0)) : head);
  }

  private String sortKey(Plan.SortKey key) {
    return key instanceof Measure measure ? operand(measure) : grouping((Grouping) key);
  }

  /** The measure in words; also the heading of its column. */
  public String measure(Measure measure) {
    if (measure instanceof Measure.Basic basic) {
      return basic(basic);
    } else if (measure instanceof Measure.Figure figure) {
      return figure(figure);
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return phrases.narrowed(basic(narrowed.of()), filters(narrowed.filters()));
    } else if (measure instanceof Measure.Portion portion) {
      return phrases.portion(basic(portion.of()), filters(portion.filters()));
    } else if (measure instanceof Measure.Arithmetic a) {
      return phrases.arithmetic(a.operator(), operand(a.left()), operand(a.right()), a.factor());
    } else if (measure instanceof Measure.OverParts over) {
      return phrases.overParts(over.kind(), operand(over.of()), grouping(over.part()));
    }
    Measure.Correlation correlation = (Measure.Correlation) measure;
    return phrases.correlation(
        operand(correlation.first()), operand(correlation.second()), grouping(correlation.over()));
  }

  /** Two numbers put together, in words. */
  public String together(Measure.Operator operator, String left, String right) {
    return phrases.arithmetic(operator, left, right, BigDecimal.ONE);
  }

  private String figure(Measure.Figure figure) {
    String of = operand(figure.of());
    if (figure instanceof Measure.Share share) {
      return phrases.share(of, share.within().map(this::grouping));
    } else if (figure instanceof Measure.Compared compared) {
      return phrases.compared(compared.move(), of, earlier(compared.earlier()));
    } else if (figure instanceof Measure.Cumulative) {
      return phrases.cumulative(of);
    } else if (figure instanceof Measure.MovingAverage moving) {
      return phrases.movingAverage(of, moving.spans());
    } else if (figure instanceof Measure.Rank) {
      return phrases.rank(of);
    }
    return phrases.distance(of, ((Measure.Distance) figure).level());
  }

  private String earlier(Measure.Earlier earlier) {
    if (earlier instanceof Measure.UnitBefore before) {
      return phrases.unitBefore(before.unit());
    }
    return earlier instanceof Measure.Other other
        ? phrases.otherPeriod(other.period(), resolver)
        : phrases.spanBefore();
  }

  private String basic(Measure.Basic measure) {
    if (measure instanceof Measure.MetricValue value) {
      return naming.metric(value.metric());
    } else if (measure instanceof Measure.RowCount count) {
      return phrases.rowCount(naming.rows(count.table()));
    } else if (measure instanceof Measure.DistinctRows rows) {
      return phrases.distinctRows(
          naming.rows(rows.counted()), naming.rows(rows.with()), rows.role().map(naming::role));
    } else if (measure instanceof Measure.DistinctValues values) {
      return phrases.distinctValues(naming.column(values.column()));
    } else if (measure instanceof Measure.Duration duration) {
      boolean inHours =
          model.column(duration.from()).holds() == Column.Holds.TIME
              && model.column(duration.to()).holds() == Column.Holds.TIME;
      return phrases.duration(
          duration.kind(), inHours, naming.column(duration.from()), naming.column(duration.to()));
    }
    Measure.Statistic statistic = (Measure.Statistic) measure;
    String phrase =
        phrases.statistic(
            statistic.kind(), statistic.percentile(), naming.column(statistic.column()));
    return naming.isName(phrase)
        ? phrases.statistic(
            statistic.kind(), statistic.percentile(), naming.qualified(statistic.column()))
        : phrase;
  }

  /** The grouping in words; also the heading of its column. */
  public String grouping(Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      return naming.column(by.column());
    } else if (grouping instanceof Grouping.BySteps by) {
      return phrases.inSteps(naming.column(by.column()), by.width());
    } else if (grouping instanceof Grouping.ByBands by) {
      return phrases.inBands(naming.column(by.column()), by.edges());
    } else if (grouping instanceof Grouping.ByWords by) {
      return phrases.byWords(naming.column(by.column()), by.words());
    } else if (grouping instanceof Grouping.ByCondition by) {
      return phrases.whether(naming.condition(by.table(), by.condition()));
    }
    Grouping.ByTime time = (Grouping.ByTime) grouping;
    return time.date()
        .map(d -> phrases.timeUnitOfDate(time.unit(), naming.column(d)))
        .orElseGet(() -> phrases.timeUnit(time.unit()));
  }

  /** The grouping as a breakdown by it: "by valley". */
  public String breakdown(Grouping grouping) {
    return phrases.by(List.of(grouping(grouping)));
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
    } else if (filter instanceof Filter.Missing missing) {
      return phrases.missing(naming.column(missing.column()), missing.negated());
    } else if (filter instanceof Filter.HasText has) {
      return phrases.hasText(naming.column(has.column()), has.where(), has.text(), has.negated());
    } else if (filter instanceof Filter.Having having) {
      String rows = naming.rows(having.table());
      List<String> inner =
          new ArrayList<>(
              List.of(having.role().map(r -> phrases.via(rows, naming.role(r))).orElse(rows)));
      String limits = String.join(", ", filters(having.filters()));
      if (!limits.isEmpty()) {
        inner.add(limits);
      }
      return phrases.having(
          naming.rows(having.anchor()), having.count(), String.join(" ", inner), having.negated());
    } else if (filter instanceof Filter.Among among) {
      return phrases.among(naming.column(among.column()), of(among.plan()), among.negated());
    } else if (filter instanceof Filter.InPeriod in) {
      String period = phrases.period(in.period(), resolver, in.negated());
      return in.date().map(d -> phrases.onDate(naming.column(d), period)).orElse(period);
    } else {
      Filter.Recurring on = (Filter.Recurring) filter;
      String times = phrases.recurring(on.part(), on.numbers(), on.negated());
      return on.date().map(d -> phrases.onDate(naming.column(d), times)).orElse(times);
    }
  }
}
