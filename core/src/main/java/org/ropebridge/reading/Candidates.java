package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.reading.rule.Scope;

/** The plans that sequences could mean, weighed against each other. */
final class Candidates {
  private final Model model;
  private final LinkPaths paths;
  private final Set<ColumnRef> persons;
  private final PeriodResolver periods;
  private final PlanCheck check;
  private final Vocabulary vocabulary;
  private final Weights weights;

  Candidates(Scope scope, PlanCheck check, Vocabulary vocabulary) {
    this.vocabulary = vocabulary;
    this.model = scope.model();
    this.paths = scope.paths();
    this.persons = scope.persons();
    this.periods = scope.periods();
    this.check = check;
    this.weights = scope.weights();
  }

  /**
   * What the sequences could mean, best first.
   *
   * @param assembly puts the contributions of a sequence together
   */
  List<Candidate> of(
      List<Sequence> sequences, Function<Sequence, Optional<Assembly.Result>> assembly) {
    Map<Plan, Candidate> best = new LinkedHashMap<>();
    for (Sequence sequence : sequences) {
      Optional<Assembly.Result> assembled = assembly.apply(sequence);
      if (assembled.isEmpty()) {
        continue;
      }
      Plan plan = assembled.get().plan();
      List<PlanCheck.Fault> faults = check.faults(plan);
      boolean unclearWayOnly =
          !faults.isEmpty()
              && faults.stream().allMatch(f -> f.kind() == PlanCheck.Kind.UNCLEAR_WAY);
      List<Candidate> made = new ArrayList<>();
      if (unclearWayOnly) {
        for (String role : faults.get(0).roles()) {
          Plan withRole = WithRole.of(plan, faults.get(0).column().orElseThrow(), role);
          made.add(
              candidate(
                  sequence,
                  withRole,
                  assembled.get(),
                  check.faults(withRole),
                  weights.guessedRole()));
        }
      } else {
        made.add(candidate(sequence, plan, assembled.get(), faults, 0));
        through(plan, faults)
            .or(() -> listedThrough(plan, faults))
            .ifPresent(
                way ->
                    made.add(
                        candidate(
                            sequence,
                            way.plan(),
                            way.assumption()
                                .map(a -> assembled.get().assuming(a))
                                .orElse(assembled.get()),
                            check.faults(way.plan()),
                            weights.throughOthers())));
      }
      for (Candidate candidate : made) {
        best.merge(
            onMainDates(candidate.plan()), candidate, (a, b) -> a.score() >= b.score() ? a : b);
      }
    }
    return best.values().stream()
        .sorted(Comparator.comparingDouble(Candidate::score).reversed())
        .toList();
  }

  /** The same plan with no date named where it is the one that is meant anyway. */
  private Plan onMainDates(Plan plan) {
    if (plan.filters().stream().noneMatch(Candidates::isOnNamedDate)) {
      return plan;
    }
    Set<String> tables = MeasureTables.of(plan, model);
    return plan.withFilters(
        plan.filters().stream()
            .map(
                f ->
                    f instanceof Filter.InPeriod in
                            && in.date().filter(d -> isMain(d, tables)).isPresent()
                        ? new Filter.InPeriod(in.period(), Optional.empty(), in.negated())
                        : f)
            .toList());
  }

  private boolean isMain(ColumnRef date, Set<String> tables) {
    return tables.equals(Set.of(date.table()))
        && MeasureTables.date(date.table(), Optional.empty(), model).equals(Optional.of(date));
  }

  /** Whether a word that the model lacks adds a number to one that it has. */
  private static boolean isGuessedBeside(Sequence sequence, Assembly.Result assembled) {
    return assembled.assumptions().stream().anyMatch(Assumption.SideBySide.class::isInstance)
        && sequence.isGuessed();
  }

  /** A plan that takes rows through those of another table, and what that assumes. */
  private record Through(Plan plan, String table, Optional<Assumption> assumption) {}

  /**
   * "members per hut": rows that have no way to what they are split by are counted through those of
   * the one table that points at both.
   */
  private Optional<Through> through(Plan plan, List<PlanCheck.Fault> faults) {
    boolean counts =
        faults.stream()
                .anyMatch(
                    f ->
                        f.kind() == PlanCheck.Kind.NOT_REACHABLE
                            || f.kind() == PlanCheck.Kind.NO_DATE)
            && plan.filters().stream().noneMatch(Candidates::isOnNamedDate)
            && plan.measures().size() == 1
            && plan.ranking().filter(r -> !r.by().equals(plan.measures().get(0))).isEmpty()
            && plan.measures().get(0) instanceof Measure.RowCount;
    if (!counts) {
      return Optional.empty();
    }
    String counted = ((Measure.RowCount) plan.measures().get(0)).table();
    boolean without =
        plan.groupings().isEmpty() && plan.filters().stream().anyMatch(f -> isFarAndNotSo(plan, f));
    if (without) {
      // "how many members were not at Larkspur": who was elsewhere as well as there does not count.
      return having(plan, counted);
    }
    List<Through> ways = new ArrayList<>();
    for (String table : pointingAt(counted)) {
      Measure rows = new Measure.DistinctRows(counted, table, Optional.empty());
      Plan other =
          plan.withMeasures(List.of(rows))
              .withRanking(
                  plan.ranking().map(r -> new Plan.Ranking(r.top(), r.count(), rows, r.within())));
      if (check.faults(other).isEmpty()) {
        ways.add(new Through(other, table, Optional.of(new Assumption.Through(counted, table))));
      }
    }
    return nearest(ways);
  }

  /**
   * "members at Larkspur": rows that have no way to what they are narrowed by, and that are listed,
   * are those at which such rows of the one table point that have one.
   */
  private Optional<Through> listedThrough(Plan plan, List<PlanCheck.Fault> faults) {
    if (plan.listing().isEmpty()
        || !faults.stream().allMatch(f -> f.kind() == PlanCheck.Kind.NOT_REACHABLE)
        || faults.isEmpty()) {
      return Optional.empty();
    }
    return having(plan, plan.listing().get().table());
  }

  /**
   * The rows of a table at which such rows of another point that are as a filter says; "members who
   * were not at Larkspur" are those at which none point that is at Larkspur.
   */
  private Optional<Through> having(Plan plan, String listed) {
    List<Filter> unreachable =
        plan.filters().stream()
            .filter(f -> !check.faults(plan.withFilters(List.of(f))).isEmpty())
            .toList();
    List<Filter> so = unreachable.stream().filter(this::isSo).toList();
    List<Filter> notSo = unreachable.stream().flatMap(f -> positive(f).stream()).toList();
    // What is missing on no such row is another question.
    if (so.size() + notSo.size() < unreachable.size()) {
      return Optional.empty();
    }
    // "members at Larkspur in 2025": the time is that of what they are known by.
    List<Filter> times =
        plan.filters().stream()
            .filter(
                f ->
                    !unreachable.contains(f)
                        && f instanceof Filter.InPeriod in
                        && in.date().isEmpty())
            .toList();
    List<Filter> near =
        plan.filters().stream()
            .filter(f -> !unreachable.contains(f) && !times.contains(f))
            .toList();
    List<Through> ways = new ArrayList<>();
    for (String table : pointingAt(listed)) {
      List<Filter> filters = new ArrayList<>(near);
      if (!so.isEmpty()) {
        filters.add(having(listed, table, so, times, false));
      }
      notSo.forEach(f -> filters.add(having(listed, table, List.of(f), times, true)));
      Plan other = plan.withFilters(filters);
      if (check.faults(other).isEmpty()) {
        ways.add(new Through(other, table, Optional.empty()));
      }
    }
    return nearest(ways);
  }

  private static Filter having(
      String listed, String table, List<Filter> of, List<Filter> times, boolean negated) {
    List<Filter> all = new ArrayList<>(of);
    all.addAll(times);
    return new Filter.Having(listed, table, Optional.empty(), all, negated);
  }

  /** What must not be so, as if it were; empty of what is no such filter. */
  private static Optional<Filter> positive(Filter filter) {
    return filter instanceof Filter.InValues in && in.negated()
            || filter instanceof Filter.IsTrue is && is.negated()
        ? filter.leftOut()
        : Optional.empty();
  }

  private boolean isFarAndNotSo(Plan plan, Filter filter) {
    return positive(filter).isPresent()
        && !check.faults(plan.withFilters(List.of(filter))).isEmpty();
  }

  /** The tables whose rows point at those of the table in one way. */
  private List<String> pointingAt(String table) {
    return model.tables().stream()
        .map(Table::name)
        .filter(t -> !t.equals(table) && paths.shortest(t, table, Optional.empty()).size() == 1)
        .toList();
  }

  /** "customers who cancelled" did so; that campaigns run is not said of what they brought. */
  private boolean isSo(Filter filter) {
    return filter instanceof Filter.InValues in && !in.negated()
        || filter instanceof Filter.IsTrue is && !is.negated()
        || filter instanceof Filter.Meets meets
            && !meets.negated()
            && vocabulary.isParticiple(label(meets).toLowerCase(Locale.ROOT));
  }

  private String label(Filter.Meets meets) {
    return model
        .table(meets.table())
        .findCondition(meets.condition())
        .map(Condition::label)
        .orElseThrow();
  }

  /** "machines older than 10 years" are none with batches by people of that age. */
  private static boolean isOnNamedDate(Filter filter) {
    return filter instanceof Filter.InPeriod in && in.date().isPresent();
  }

  /** The only way; of several the one whose rows point at what the others point at. */
  private Optional<Through> nearest(List<Through> ways) {
    return ways.stream()
        .filter(
            w ->
                ways.stream()
                    .allMatch(
                        o ->
                            o == w
                                || paths.shortest(o.table(), w.table(), Optional.empty()).size()
                                    == 1))
        .findFirst();
  }

  private Candidate candidate(
      Sequence sequence,
      Plan plan,
      Assembly.Result assembled,
      List<PlanCheck.Fault> faults,
      double penalty) {
    double score =
        sequence.score()
            - penalty
            - assembled.penalty()
            - weights.stepOnAWay() * steps(plan, faults)
            - (countsOnes(plan) || countsOwn(plan) || isOneEach(plan) ? weights.countsOnes() : 0)
            - weights.fartherPerson() * fartherPersons(sequence, plan)
            - weights.secondPeriod() * secondPeriods(plan)
            - (isGuessedBeside(sequence, assembled) ? weights.guessedBeside() : 0);
    String fault = faults.isEmpty() ? disjointPeriods(plan) : faults.get(0).message();
    return new Candidate(sequence, plan, assembled.assumptions(), score, fault);
  }

  /** Says so when two periods of one date have no day in common, which nobody can mean. */
  private String disjointPeriods(Plan plan) {
    Map<Optional<ColumnRef>, DayRange> byDate = new LinkedHashMap<>();
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InPeriod in && !in.negated()) {
        DayRange days = periods.resolve(in.period());
        DayRange other = byDate.putIfAbsent(in.date(), days);
        if (other != null && !days.overlaps(other)) {
          return "Two periods are named that have no day in common. Ask for one of them, or for the one"
              + " \"compared with\" the other.";
        }
      }
    }
    return "";
  }

  /** "who missed the most days": pupils sooner than their teachers, who are some links farther. */
  private int fartherPersons(Sequence sequence, Plan plan) {
    boolean who =
        sequence.edges().stream().flatMap(e -> e.mentions().stream()).anyMatch(m -> m.is(Role.WHO));
    int farther = 0;
    for (Grouping grouping : who ? plan.groupings() : List.<Grouping>of()) {
      if (grouping instanceof Grouping.ByColumn by && persons.contains(by.column().withoutRole())) {
        for (String base : MeasureTables.of(plan, model)) {
          farther +=
              paths.to(base, by.column()).map(w -> Math.max(0, w.steps().size() - 1)).orElse(0);
        }
      }
    }
    return farther;
  }

  /** Whether each group has just one of what is counted, as each hut has one valley. */
  private boolean countsOnes(Plan plan) {
    return plan.measures().stream()
        .filter(Measure.DistinctRows.class::isInstance)
        .map(m -> ((Measure.DistinctRows) m).counted())
        .anyMatch(counted -> plan.groupings().stream().anyMatch(g -> hasOne(g, counted)));
  }

  /** Whether each group is one of the rows that are counted or averaged: "policies by policy". */
  private boolean isOneEach(Plan plan) {
    Set<String> bases = MeasureTables.of(plan, model);
    return plan.groupings().stream()
        .filter(Grouping.ByColumn.class::isInstance)
        .map(g -> ((Grouping.ByColumn) g).column())
        .anyMatch(
            c ->
                bases.equals(Set.of(c.table())) && model.table(c.table()).key().equals(c.column()));
  }

  /**
   * Whether rows are counted of which others have some: "complaints of agents having complaints".
   */
  private static boolean countsOwn(Plan plan) {
    return plan.measures().stream()
        .filter(Measure.RowCount.class::isInstance)
        .map(m -> ((Measure.RowCount) m).table())
        .anyMatch(
            t ->
                plan.filters().stream()
                    .anyMatch(f -> f instanceof Filter.Having having && having.table().equals(t)));
  }

  private boolean hasOne(Grouping grouping, String counted) {
    return grouping instanceof Grouping.ByColumn by
        && model.namesItsTable(by.column())
        && !by.column().table().equals(counted)
        && !paths.shortest(by.column().table(), counted, Optional.empty()).isEmpty();
  }

  /** How many periods the plan has beyond the first; people seldom mean two. */
  private static long secondPeriods(Plan plan) {
    long periods = plan.filters().stream().filter(Filter.InPeriod.class::isInstance).count();
    return Math.max(0, periods - 1);
  }

  /**
   * How far the plan's columns are from the rows that it computes over; columns of those rows
   * themselves are much nearer than any other.
   */
  private int steps(Plan plan, List<PlanCheck.Fault> faults) {
    if (!faults.isEmpty()) {
      return 0;
    }
    Set<ColumnRef> columns = new LinkedHashSet<>();
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn by) {
        columns.add(by.column());
      }
    }
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InValues in) {
        columns.add(in.column());
      } else if (filter instanceof Filter.Compare compare) {
        columns.add(compare.column());
      } else if (filter instanceof Filter.HasText text) {
        columns.add(text.column());
      } else if (filter instanceof Filter.Missing missing) {
        columns.add(missing.column());
      }
    }
    Set<String> bases = new LinkedHashSet<>();
    bases.addAll(MeasureTables.of(plan, model));
    int steps = 0;
    for (String base : bases) {
      for (ColumnRef column : columns) {
        steps +=
            paths
                .to(base, column)
                .map(w -> w.steps().size())
                .map(n -> n == 0 ? 0 : n + 3)
                .orElse(0);
      }
    }
    return steps;
  }
}
