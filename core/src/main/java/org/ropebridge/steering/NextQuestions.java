package org.ropebridge.steering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.plan.TimeUnit;

/** Questions that make sense after an answer. */
public final class NextQuestions {
  private static final int MOST = 4;

  /** More groups than these are too many to look at one by one. */
  private static final int MANY_GROUPS = 10;

  private static final int FEW = 5;

  private final Model model;
  private final Parts parts;
  private final Restatement restatement;

  NextQuestions(Parts parts, Restatement restatement) {
    this.model = parts.model();
    this.parts = parts;
    this.restatement = restatement;
  }

  /**
   * A question to go on with.
   *
   * @param label what is other than before, in a few words
   * @param question the whole question
   */
  public record Next(String label, String question) {}

  /**
   * Up to four questions, most telling first.
   *
   * @param rows how many rows the answer has
   */
  public List<Next> after(Plan plan, int rows) {
    if (plan.listing().isPresent()) {
      return counted(plan).stream().toList();
    }
    Plan bare = bare(plan);
    List<Optional<Next>> next = new ArrayList<>();
    next.add(fewer(plan, rows));
    next.add(before(bare));
    next.add(finer(bare));
    next.add(overTime(bare));
    next.add(other(bare));
    next.add(thisYear(bare));
    return next.stream().flatMap(Optional::stream).distinct().limit(MOST).toList();
  }

  private static Plan bare(Plan plan) {
    return new Plan(
        plan.measures(),
        plan.groupings(),
        plan.filters(),
        plan.keeps(),
        plan.ranking(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private Optional<Next> counted(Plan plan) {
    Measure count = new Measure.RowCount(plan.listing().orElseThrow().table());
    return sound("how many", Plan.of(count, List.of(), plan.filters()));
  }

  private Optional<Next> sound(String label, Plan plan) {
    return parts.isSound(plan)
        ? Optional.of(new Next(label, restatement.of(plan)))
        : Optional.empty();
  }

  private Optional<Next> fewer(Plan plan, int rows) {
    boolean many =
        rows > MANY_GROUPS
            && plan.ranking().isEmpty()
            && plan.groupings().size() == 1
            && plan.groupings().get(0) instanceof Grouping.ByColumn;
    return many
        ? sound(
            "only the top " + FEW,
            plan.withSort(Optional.empty())
                .withRanking(Optional.of(new Plan.Ranking(true, FEW, plan.measures().get(0)))))
        : Optional.empty();
  }

  /** Compared with the year before, where the plan is of a time and not compared yet. */
  private Optional<Next> before(Plan plan) {
    boolean timed =
        plan.filters().stream().anyMatch(f -> f instanceof Filter.InPeriod in && !in.negated());
    boolean one =
        plan.measures().size() == 1
            && plan.ranking().isEmpty()
            && plan.measures().get(0) instanceof Measure.Plain;
    if (!timed || !one) {
      return Optional.empty();
    }
    Measure.Plain of = (Measure.Plain) plan.measures().get(0);
    Measure.Earlier year = new Measure.UnitBefore(Period.Unit.YEAR);
    // A time that is not over is compared by its days so far.
    List<Filter> soFar = plan.filters().stream().map(Filter::soFar).toList();
    boolean toDate = !soFar.equals(plan.filters());
    return sound(
        toDate ? "to date, compared with the year before" : "compared with the year before",
        plan.withFilters(soFar)
            .withMeasures(
                List.of(
                    of,
                    new Measure.Compared(Measure.Move.BEFORE, of, year),
                    new Measure.Compared(Measure.Move.GROWTH, of, year))));
  }

  /** Broken down by the nearest column that it is not yet limited to or broken down by. */
  private Optional<Next> finer(Plan plan) {
    boolean byColumn = plan.groupings().stream().anyMatch(Grouping.ByColumn.class::isInstance);
    if (byColumn || plan.ranking().isPresent()) {
      return Optional.empty();
    }
    return parts.columns(plan).stream()
        .filter(c -> parts.valueCount(c) > 1)
        .filter(
            c ->
                plan.filters().stream()
                    .noneMatch(f -> f instanceof Filter.InValues in && in.column().equals(c)))
        .map(Grouping.ByColumn::new)
        .flatMap(g -> sound(restatement.breakdown(g), with(plan, g)).stream())
        .findFirst();
  }

  private static Plan with(Plan plan, Grouping more) {
    return plan.withGroupings(Stream.concat(plan.groupings().stream(), Stream.of(more)).toList());
  }

  private Optional<Next> overTime(Plan plan) {
    Grouping month = new Grouping.ByTime(TimeUnit.MONTH, Optional.empty());
    boolean fits =
        plan.groupings().stream().noneMatch(Grouping.ByTime.class::isInstance)
            && plan.groupings().size() < 2
            && plan.ranking().isEmpty();
    return fits ? sound(restatement.breakdown(month), with(plan, month)) : Optional.empty();
  }

  /** Another metric of the same table in the place of the only one. */
  private Optional<Next> other(Plan plan) {
    if (plan.measures().size() != 1 || !(plan.measures().get(0) instanceof Measure.Basic first)) {
      return Optional.empty();
    }
    return parts.measures(plan).stream()
        .filter(m -> !m.equals(first) && sharesTable(m, first))
        .flatMap(
            m ->
                sound(
                    restatement.measure(m),
                    plan.withMeasures(List.of(m))
                        .withKeeps(List.of())
                        .withRanking(
                            plan.ranking()
                                .map(r -> new Plan.Ranking(r.top(), r.count(), m, r.within()))))
                    .stream())
        .findFirst();
  }

  private boolean sharesTable(Measure one, Measure other) {
    return MeasureTables.of(one, model).stream().anyMatch(MeasureTables.of(other, model)::contains);
  }

  private Optional<Next> thisYear(Plan plan) {
    boolean timed = plan.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    if (timed) {
      return Optional.empty();
    }
    List<Filter> filters = new ArrayList<>(plan.filters());
    filters.add(
        new Filter.InPeriod(Period.Relative.current(Period.Unit.YEAR), Optional.empty(), false));
    return sound("this year", plan.withFilters(filters));
  }
}
