package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Way;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;

/** Puts the contributions of one sequence together into a plan. */
final class Assembly {
  /** People put "and" or a comma between measures, or they mean something else. */
  private static final double MEASURES_NOT_JOINED = 0.4;

  private final Model model;
  private final LinkPaths paths;

  private final List<Measure> measures = new ArrayList<>();
  private final List<Grouping> groupings = new ArrayList<>();
  private final List<Filter> filters = new ArrayList<>();
  private final List<String> nouns = new ArrayList<>();
  private final List<String> countedNouns = new ArrayList<>();
  private final List<Assumption> assumptions = new ArrayList<>();
  private Optional<Contribution.Ranked> ranked = Optional.empty();
  private Optional<Contribution.Order> order = Optional.empty();
  private Optional<Plan.Picture> picture = Optional.empty();
  private final List<Measure> rankMeasures = new ArrayList<>();
  private final List<Contribution.Subject> subjects = new ArrayList<>();
  private final List<Contribution.Extreme> extremes = new ArrayList<>();
  private boolean counting;
  private boolean afterMeasure;
  private double penalty;

  private Assembly(Model model, LinkPaths paths) {
    this.model = model;
    this.paths = paths;
  }

  /**
   * What the contributions come to.
   *
   * @param penalty how much less likely the plan is than its words by themselves
   */
  record Result(Plan plan, List<Assumption> assumptions, double penalty) {}

  /** The plan; empty when the contributions cannot stand side by side. */
  static Optional<Result> of(Sequence sequence, Model model, LinkPaths paths) {
    Assembly assembly = new Assembly(model, paths);
    for (int i = 0; i < sequence.edges().size(); i++) {
      Edge edge = sequence.edges().get(i);
      if (!assembly.take((Contribution) edge.part(), sequence.joined().get(i))) {
        return Optional.empty();
      }
    }
    return assembly.finish();
  }

  private boolean take(Contribution contribution, boolean joined) {
    boolean taken = add(contribution, joined);
    boolean joinedNoun = contribution instanceof Contribution.Noun && joined && afterMeasure;
    afterMeasure = contribution instanceof Contribution.Measures || joinedNoun;
    return taken;
  }

  private boolean add(Contribution contribution, boolean joined) {
    if (contribution instanceof Contribution.Measures more) {
      boolean another = !measures.isEmpty() || ranked.flatMap(Contribution.Ranked::by).isPresent();
      if (another && !joined) {
        penalty += MEASURES_NOT_JOINED;
      }
      more.measures().stream().filter(m -> !measures.contains(m)).forEach(measures::add);
    } else if (contribution instanceof Contribution.Groupings more) {
      more.groupings().stream().filter(g -> !groupings.contains(g)).forEach(groupings::add);
    } else if (contribution instanceof Contribution.Narrowing narrowing) {
      return narrow(narrowing.filter());
    } else if (contribution instanceof Contribution.Noun noun) {
      nouns.add(noun.table());
      if (afterMeasure && joined) {
        measures.add(new Measure.RowCount(noun.table()));
      } else if (countedNouns.isEmpty() && measures.isEmpty() || joined) {
        countedNouns.add(noun.table());
      }
    } else if (contribution instanceof Contribution.Ranked more) {
      if (ranked.isPresent()) {
        return false;
      }
      ranked = Optional.of(more);
    } else if (contribution instanceof Contribution.Counting) {
      counting = true;
    } else if (contribution instanceof Contribution.RankMeasure more) {
      rankMeasures.add(more.by());
    } else if (contribution instanceof Contribution.Subject more) {
      subjects.add(more);
    } else if (contribution instanceof Contribution.Extreme more) {
      extremes.add(more);
    } else if (contribution instanceof Contribution.Order more) {
      if (order.isPresent()) {
        return false;
      }
      order = Optional.of(more);
    } else if (contribution instanceof Contribution.Shown shown) {
      if (picture.isPresent() && !picture.get().equals(shown.picture())) {
        return false;
      }
      picture = Optional.of(shown.picture());
    }
    return true;
  }

  /** Adds a filter. Two lists of values of one column become one list of either. */
  private boolean narrow(Filter filter) {
    if (filter instanceof Filter.InValues values) {
      for (int i = 0; i < filters.size(); i++) {
        if (filters.get(i) instanceof Filter.InValues other
            && other.column().equals(values.column())
            && other.negated() == values.negated()) {
          Set<String> all = new LinkedHashSet<>(other.values());
          all.addAll(values.values());
          filters.set(i, new Filter.InValues(values.column(), List.copyOf(all), values.negated()));
          return true;
        }
      }
    }
    if (!filters.contains(filter)) {
      filters.add(filter);
    }
    return true;
  }

  /**
   * Brings together what stood apart: "which hut in Ossel had the most callouts", "top ten huts in
   * Ossel by revenue", "how many cancelled stays".
   */
  private boolean joinParts() {
    if (subjects.size() != extremes.size() || subjects.size() > 1 || rankMeasures.size() > 1) {
      return false;
    }
    if (!subjects.isEmpty()) {
      Contribution.Subject subject = subjects.get(0);
      Contribution.Extreme extreme = extremes.get(0);
      if (ranked.isPresent()) {
        return false;
      }
      ranked =
          Optional.of(
              new Contribution.Ranked(
                  extreme.direction(),
                  subject.plural() ? Contribution.Ranked.SEVERAL : 1,
                  Optional.of(subject.what()),
                  Optional.of(extreme.by())));
    }
    if (!rankMeasures.isEmpty()) {
      if (ranked.isEmpty() || ranked.get().by().isPresent()) {
        return false;
      }
      ranked = Optional.of(ranked.get().by(rankMeasures.get(0)));
    }
    if (counting) {
      if (nouns.isEmpty()) {
        return false;
      }
      measures.add(0, new Measure.RowCount(nouns.get(0)));
    }
    return true;
  }

  private Optional<Result> finish() {
    if (!joinParts() || !rank()) {
      return Optional.empty();
    }
    if (measures.isEmpty() && !inferMeasure()) {
      return Optional.empty();
    }
    if (!nounsFit()) {
      return Optional.empty();
    }
    Optional<Plan.Ranking> ranking =
        ranked.map(
            r -> new Plan.Ranking(isTop(r, r.by().orElseThrow()), r.count(), r.by().orElseThrow()));
    if (ranking.isPresent() && groupings.isEmpty()) {
      return Optional.empty();
    }
    Optional<Plan.Sort> sort = Optional.empty();
    if (order.isPresent()) {
      sort = sort(order.get());
      if (sort.isEmpty()) {
        return Optional.empty();
      }
    }
    Plan plan =
        new Plan(
            measures,
            groupings.stream().map(this::withoutIdleRole).distinct().toList(),
            filters.stream().map(this::withoutIdleRole).distinct().toList(),
            ranking,
            sort.map(
                s ->
                    s.by() instanceof Grouping g
                        ? new Plan.Sort(withoutIdleRole(g), s.descending())
                        : s),
            picture);
    return Optional.of(new Result(plan, assumptions, penalty));
  }

  private boolean rank() {
    if (ranked.isEmpty()) {
      return true;
    }
    Contribution.Ranked ranking = ranked.get();
    ranking.what().filter(g -> !groupings.contains(g)).ifPresent(g -> groupings.add(0, g));
    if (ranking.by().isEmpty()) {
      Optional<Measure> by = Optional.empty();
      if (measures.size() == 1) {
        by = Optional.of(measures.get(0));
      } else if (measures.isEmpty()) {
        by = model.preferences().topBy().map(Measure.MetricValue::new);
        by.ifPresent(m -> assumptions.add(Assumption.rankedBy(m)));
      }
      if (by.isEmpty()) {
        return false;
      }
      ranking = ranking.by(by.get());
      ranked = Optional.of(ranking);
    }
    Measure by = ranking.by().orElseThrow();
    if (!measures.contains(by)) {
      measures.add(0, by);
    }
    return true;
  }

  private boolean isTop(Contribution.Ranked ranking, Measure by) {
    boolean lowerIsBetter =
        by instanceof Measure.MetricValue value
            && model.metric(value.metric()).better().equals(Optional.of(Metric.Better.LOWER));
    return switch (ranking.direction()) {
      case TOP -> true;
      case BOTTOM -> false;
      case BEST -> !lowerIsBetter;
      case WORST -> lowerIsBetter;
    };
  }

  /** Without a measure, nouns are counted, and so are the rows of a named condition. */
  private boolean inferMeasure() {
    if (!countedNouns.isEmpty()) {
      countedNouns.stream().distinct().map(Measure.RowCount::new).forEach(measures::add);
      measures.forEach(m -> assumptions.add(Assumption.counted(((Measure.RowCount) m).table())));
      return true;
    }
    List<String> tables =
        filters.stream()
            .filter(Filter.Meets.class::isInstance)
            .map(f -> ((Filter.Meets) f).table())
            .distinct()
            .toList();
    if (tables.size() == 1 && nouns.isEmpty()) {
      measures.add(new Measure.RowCount(tables.get(0)));
      assumptions.add(Assumption.counted(tables.get(0)));
      return true;
    }
    return false;
  }

  /** A noun beside a measure must be what the measure is about, and must not narrow it. */
  private boolean nounsFit() {
    for (String noun : nouns) {
      boolean counted = measures.contains(new Measure.RowCount(noun));
      boolean fits = true;
      for (Measure measure : measures) {
        for (String base : MeasureTables.of(measure, model)) {
          List<Way> ways = paths.shortest(base, noun, Optional.empty());
          boolean always =
              ways.size() == 1 && isNarrowedBy(noun)
                  || ways.size() == 1
                      && ways.get(0).steps().stream().noneMatch(s -> s.link().mayBeMissing());
          fits &= always;
        }
      }
      if (!counted && !fits) {
        return false;
      }
    }
    return true;
  }

  /** Whether a filter already keeps to rows that have a row of the table. */
  private boolean isNarrowedBy(String table) {
    return filters.stream()
        .anyMatch(
            f ->
                f instanceof Filter.InValues in
                        && in.column().table().equals(table)
                        && !in.negated()
                    || f instanceof Filter.Compare c && c.column().table().equals(table)
                    || f instanceof Filter.Meets m && m.table().equals(table) && !m.negated());
  }

  private Optional<Plan.Sort> sort(Contribution.Order wanted) {
    if (wanted.byName()) {
      return groupings.isEmpty()
          ? Optional.empty()
          : Optional.of(new Plan.Sort(groupings.get(0), wanted.descending().orElse(false)));
    }
    Plan.SortKey key = wanted.by().orElse(measures.get(0));
    boolean known =
        key instanceof Measure m ? measures.contains(m) : groupings.contains((Grouping) key);
    return known
        ? Optional.of(new Plan.Sort(key, wanted.descending().orElse(key instanceof Measure)))
        : Optional.empty();
  }

  private Grouping withoutIdleRole(Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      return new Grouping.ByColumn(withoutIdleRole(by.column()));
    }
    Grouping.ByTime time = (Grouping.ByTime) grouping;
    return new Grouping.ByTime(time.unit(), time.date().map(this::withoutIdleRole));
  }

  private Filter withoutIdleRole(Filter filter) {
    if (filter instanceof Filter.InValues in) {
      return new Filter.InValues(withoutIdleRole(in.column()), in.values(), in.negated());
    } else if (filter instanceof Filter.Compare c) {
      return new Filter.Compare(withoutIdleRole(c.column()), c.comparison(), c.low(), c.high());
    }
    return filter;
  }

  /** Leaves out a role that changes nothing, so that one meaning has one plan. */
  private ColumnRef withoutIdleRole(ColumnRef ref) {
    if (ref.role().isEmpty()) {
      return ref;
    }
    Map<String, Boolean> idle = new LinkedHashMap<>();
    for (Measure measure : measures) {
      for (String base : MeasureTables.of(measure, model)) {
        List<Way> plain = paths.shortest(base, ref.table(), Optional.empty());
        List<Way> named = paths.shortest(base, ref.table(), ref.role());
        idle.put(base, plain.size() == 1 && plain.equals(named));
      }
    }
    return idle.containsValue(false) ? ref : ref.withoutRole();
  }
}
