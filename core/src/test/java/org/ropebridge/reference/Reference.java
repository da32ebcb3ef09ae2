package org.ropebridge.reference;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;

/**
 * Computes plans over rows in memory, straight from what the parts of a plan say they mean. Slow on
 * purpose: nothing here is shared between measures or thought out to be quick.
 */
final class Reference {
  private final Model model;
  private final PeriodResolver periods;
  private final RowMeasures rows;
  private final EmptySpans spans;
  private final ReferenceListing listing;
  private final Map<List<Object>, Map<Group, Map<Measure, Object>>> parts = new HashMap<>();

  Reference(Model model, MemoryWarehouse warehouse, PeriodResolver periods) {
    this.model = model;
    this.periods = periods;
    Reach reach = new Reach(model, warehouse);
    Holding holding = new Holding(model, warehouse, reach, periods, this);
    Placing placing = new Placing(model, reach, periods);
    this.rows = new RowMeasures(model, warehouse, reach, holding, placing);
    this.spans = new EmptySpans(periods, placing);
    this.listing = new ReferenceListing(model, warehouse, reach, holding);
  }

  /** The rows of the answer, in no order. */
  List<List<Object>> answer(Plan plan) {
    if (plan.listing().isPresent()) {
      return listing.shown(plan);
    }
    Map<Group, Map<Measure, Object>> computed = computed(plan, Moment.NOW);
    List<List<Object>> answer = new ArrayList<>();
    for (Group group : kept(plan, computed)) {
      List<Object> row = group.shown();
      plan.measures().forEach(m -> row.add(computed.get(group).get(m)));
      plan.claim().ifPresent(bound -> row.add(Holding.compares(row.get(0), bound)));
      answer.add(row);
    }
    return answer;
  }

  /** The rows that a plan lists. */
  List<Row> listed(Plan plan) {
    return listing.rows(plan);
  }

  /** The groups that a plan finds. */
  List<Group> kept(Plan plan) {
    return kept(plan, computed(plan, Moment.NOW));
  }

  /** All groups, with every measure that the plan shows or keeps groups by. */
  private Map<Group, Map<Measure, Object>> computed(Plan plan, Moment moment) {
    Set<Measure> wanted = new LinkedHashSet<>(plan.measures());
    plan.keeps().forEach(k -> wanted.add(k.measure()));
    Set<Group> groups = new LinkedHashSet<>();
    wanted.forEach(m -> groups.addAll(groups(m, plan, moment)));
    groups.addAll(spans.missing(groups, plan, moment));
    Map<Group, Map<Measure, Object>> computed = new LinkedHashMap<>();
    groups.forEach(g -> computed.put(g, new LinkedHashMap<>()));
    for (Measure measure : wanted) {
      Function<Group, Object> value = value(measure, plan, moment, groups);
      groups.forEach(g -> computed.get(g).put(measure, value.apply(g)));
    }
    return computed;
  }

  private Set<Group> groups(Measure measure, Plan plan, Moment moment) {
    Set<Group> groups = new LinkedHashSet<>();
    if (measure instanceof Measure.Basic basic) {
      groups.addAll(rows.groups(basic, List.of(), plan, moment));
    } else if (measure instanceof Measure.Narrowed narrowed) {
      groups.addAll(rows.groups(narrowed.of(), narrowed.filters(), plan, moment));
    } else if (measure instanceof Measure.Portion portion) {
      groups.addAll(rows.groups(portion.of(), portion.filters(), plan, moment));
      groups.addAll(rows.groups(portion.of(), List.of(), plan, moment));
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      groups.addAll(groups(arithmetic.left(), plan, moment));
      groups.addAll(groups(arithmetic.right(), plan, moment));
    } else if (measure instanceof Measure.OverParts || measure instanceof Measure.Correlation) {
      parts(measure, plan, moment).keySet().forEach(g -> groups.add(g.parent()));
      if (plan.groupings().isEmpty()) {
        groups.add(Group.ALL);
      }
    } else if (measure instanceof Measure.Compared compared) {
      groups.addAll(groups(compared.of(), plan, Moment.of(compared.earlier(), plan, periods)));
      if (compared.move() != Measure.Move.BEFORE) {
        groups.addAll(groups(compared.of(), plan, moment));
      }
    } else {
      groups.addAll(groups(((Measure.Figure) measure).of(), plan, moment));
    }
    return groups;
  }

  /** The parts that a measure is first computed for. */
  private Map<Group, Map<Measure, Object>> parts(Measure measure, Plan plan, Moment moment) {
    List<Object> asked = List.of(measure, plan, moment);
    Map<Group, Map<Measure, Object>> known = parts.get(asked);
    if (known == null) {
      known = findParts(measure, plan, moment);
      parts.put(asked, known);
    }
    return known;
  }

  private Map<Group, Map<Measure, Object>> findParts(Measure measure, Plan plan, Moment moment) {
    boolean two = measure instanceof Measure.Correlation;
    List<Grouping> groupings = new ArrayList<>(plan.groupings());
    groupings.add(
        two ? ((Measure.Correlation) measure).over() : ((Measure.OverParts) measure).part());
    List<Measure> measures =
        two
            ? List.of(
                ((Measure.Correlation) measure).first(), ((Measure.Correlation) measure).second())
            : List.of(((Measure.OverParts) measure).of());
    Plan inner =
        new Plan(
            measures,
            groupings,
            plan.filters(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    return computed(inner, moment);
  }

  private Function<Group, Object> value(
      Measure measure, Plan plan, Moment moment, Set<Group> groups) {
    if (measure instanceof Measure.Plain plain) {
      return group -> plain(plain, plan, moment, group);
    } else if (measure instanceof Measure.Compared compared) {
      return group -> compared(compared, plan, moment, group);
    }
    Measure.Figure figure = (Measure.Figure) measure;
    Map<Group, BigDecimal> of = new LinkedHashMap<>();
    groups.forEach(g -> of.put(g, number(figure.of(), plan, moment, g)));
    AmongGroups among = new AmongGroups(plan, of);
    return group -> among.value(figure, group);
  }

  private BigDecimal compared(Measure.Compared compared, Plan plan, Moment moment, Group group) {
    Moment then = Moment.of(compared.earlier(), plan, periods);
    BigDecimal before = number(compared.of(), plan, then, group);
    if (compared.move() == Measure.Move.BEFORE) {
      return before;
    }
    BigDecimal now = number(compared.of(), plan, moment, group);
    BigDecimal change = now == null || before == null ? null : now.subtract(before);
    return compared.move() == Measure.Move.CHANGE
        ? change
        : Values.quotient(change, before == null ? null : before.abs());
  }

  private BigDecimal number(Measure.Plain measure, Plan plan, Moment moment, Group group) {
    return (BigDecimal) plain(measure, plan, moment, group);
  }

  private Object plain(Measure.Plain measure, Plan plan, Moment moment, Group group) {
    if (measure instanceof Measure.Basic basic) {
      return rows.value(basic, List.of(), plan, moment, group);
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return rows.value(narrowed.of(), narrowed.filters(), plan, moment, group);
    } else if (measure instanceof Measure.Portion portion) {
      return Values.quotient(
          (BigDecimal) rows.value(portion.of(), portion.filters(), plan, moment, group),
          (BigDecimal) rows.value(portion.of(), List.of(), plan, moment, group));
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      return arithmetic(arithmetic, plan, moment, group);
    }
    Grouping over =
        measure instanceof Measure.Correlation two
            ? two.over()
            : ((Measure.OverParts) measure).part();
    // Rows without a member are no member.
    boolean byColumn = over instanceof Grouping.ByColumn;
    List<Map<Measure, Object>> parts = new ArrayList<>();
    parts(measure, plan, moment)
        .forEach(
            (part, values) -> {
              boolean isNone = byColumn && part.last().identity() == null;
              if (part.parent().equals(group) && !isNone) {
                parts.add(values);
              }
            });
    if (measure instanceof Measure.OverParts one) {
      List<Object> values =
          parts.stream().map(p -> p.get(one.of())).filter(v -> v != null).toList();
      return RowMeasures.statistic(one.kind(), 0, values);
    }
    Measure.Correlation two = (Measure.Correlation) measure;
    parts.removeIf(p -> p.get(two.first()) == null || p.get(two.second()) == null);
    return Values.correlation(
        parts.stream().map(p -> p.get(two.first())).toList(),
        parts.stream().map(p -> p.get(two.second())).toList());
  }

  private BigDecimal arithmetic(
      Measure.Arithmetic arithmetic, Plan plan, Moment moment, Group group) {
    BigDecimal left = number(arithmetic.left(), plan, moment, group);
    BigDecimal right = number(arithmetic.right(), plan, moment, group);
    boolean sums =
        MeasureTables.addsUp(arithmetic.left(), model)
            && MeasureTables.addsUp(arithmetic.right(), model)
            && arithmetic.operator().ordinal() <= Measure.Operator.MINUS.ordinal();
    if (sums) {
      left = left == null ? BigDecimal.ZERO : left;
      right = right == null ? BigDecimal.ZERO : right;
    } else if (left == null || right == null) {
      return null;
    }
    return switch (arithmetic.operator()) {
      case PLUS -> left.add(right);
      case MINUS -> left.subtract(right);
      case TIMES -> left.multiply(right);
      case DIVIDED_BY -> Values.quotient(left.multiply(arithmetic.factor()), right);
    };
  }

  private static List<Group> kept(Plan plan, Map<Group, Map<Measure, Object>> computed) {
    List<Group> groups = new ArrayList<>(computed.keySet());
    if (!plan.keeps().isEmpty()) {
      groups.removeIf(g -> !isSomething(g, plan.groupings()));
      Map<Group, Map<Measure, Object>> counting = new LinkedHashMap<>();
      groups.forEach(g -> counting.put(g, computed.get(g)));
      groups.removeIf(g -> !plan.keeps().stream().allMatch(k -> keeps(k, g, counting)));
    }
    return plan.ranking().map(r -> ranked(plan, r, groups, computed)).orElse(groups);
  }

  private static boolean keeps(
      Plan.Keep keep, Group group, Map<Group, Map<Measure, Object>> computed) {
    Object value = computed.get(group).get(keep.measure());
    if (keep.test() instanceof Plan.Against against) {
      return Holding.compares(value, against.bound());
    }
    if (keep.test() instanceof Plan.BesideGroup beside) {
      Optional<BigDecimal> one =
          computed.entrySet().stream()
              .filter(e -> beside.value().equals(e.getKey().cells().get(0).shown()))
              .map(e -> (BigDecimal) e.getValue().get(keep.measure()))
              .filter(Objects::nonNull)
              .max(BigDecimal::compareTo);
      int beyond = value == null || one.isEmpty() ? 0 : ((BigDecimal) value).compareTo(one.get());
      return beside.above() ? beyond > 0 : beyond < 0;
    }
    if (keep.test() instanceof Plan.LikeGroup like) {
      return value != null
          && computed.entrySet().stream()
              .filter(e -> like.value().equals(e.getKey().cells().get(0).shown()))
              .map(e -> e.getValue().get(keep.measure()))
              .anyMatch(v -> v != null && Values.compare(v, value) == 0);
    }
    if (keep.test() instanceof Plan.AmongFirst among) {
      List<Object> values =
          computed.values().stream()
              .map(v -> v.get(keep.measure()))
              .filter(Objects::nonNull)
              .sorted(among.top() ? (a, b) -> Values.compare(b, a) : Values::compare)
              .toList();
      BigDecimal wanted =
          among.percent().movePointLeft(2).multiply(BigDecimal.valueOf(values.size()));
      int last = wanted.setScale(0, RoundingMode.CEILING).intValue();
      int side = value == null ? 0 : Values.compare(value, values.get(last - 1));
      return value != null && (among.top() ? side >= 0 : side <= 0);
    }
    List<Object> all =
        computed.values().stream().map(v -> v.get(keep.measure())).filter(v -> v != null).toList();
    if (value == null) {
      return false;
    }
    int side = ((BigDecimal) value).compareTo(Values.mean(all));
    return ((Plan.BesideAverage) keep.test()).above() ? side > 0 : side < 0;
  }

  /** A group is kept when fewer than so many of its kind are better. */
  private static List<Group> ranked(
      Plan plan,
      Plan.Ranking ranking,
      List<Group> groups,
      Map<Group, Map<Measure, Object>> computed) {
    int within = ranking.within().map(plan.groupings()::indexOf).orElse(-1);
    Function<Group, Object> value = g -> computed.get(g).get(ranking.by());
    List<Group> named =
        groups.stream()
            .filter(g -> value.apply(g) != null)
            .filter(g -> isNamed(g, plan.groupings(), within))
            .toList();
    return named.stream()
        .filter(
            g ->
                named.stream()
                        .filter(o -> within < 0 || identity(o, within).equals(identity(g, within)))
                        .filter(
                            o -> {
                              int side = Values.compare(value.apply(o), value.apply(g));
                              return ranking.top() ? side > 0 : side < 0;
                            })
                        .count()
                    < ranking.count())
        .toList();
  }

  /** Rows that belong to no hut make no hut. */
  private static boolean isSomething(Group group, List<Grouping> groupings) {
    for (int i = 0; i < groupings.size(); i++) {
      if (groupings.get(i) instanceof Grouping.ByColumn && identity(group, i).isEmpty()) {
        return false;
      }
    }
    return true;
  }

  private static Optional<Object> identity(Group group, int index) {
    return Optional.ofNullable(group.cells().get(index).identity());
  }

  /** What has no name is not ranked. */
  private static boolean isNamed(Group group, List<Grouping> groupings, int within) {
    for (int i = 0; i < groupings.size(); i++) {
      boolean nameless = group.cells().get(i).shown() == null;
      if (groupings.get(i) instanceof Grouping.ByColumn && i != within && nameless) {
        return false;
      }
    }
    return true;
  }
}
