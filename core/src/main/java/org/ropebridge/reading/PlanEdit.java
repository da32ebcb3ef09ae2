package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Changes the plan of the question before by what a follow-up says. */
final class PlanEdit {
  /** How much less likely a value of a column is that the question before has nothing of. */
  private static final double UNLIKE = 0.25;

  private final List<Plan> before;
  private final Scope scope;
  private final PlanParts parts;

  /**
   * Makes an editor.
   *
   * @param before the plans of the questions before, the last one first; at least one
   */
  PlanEdit(List<Plan> before, Scope scope) {
    this.before = before;
    this.scope = scope;
    this.parts = new PlanParts(scope);
  }

  /** How what is named goes together with its like in the plan before. */
  enum Manner {
    /** As the words say it, or as people mostly mean it. */
    AS_SAID,
    ON_TOP,
    IN_PLACE
  }

  /** The changed plan; empty when the words do not fit the plan before. */
  Optional<Assembly.Result> of(Sequence sequence, Manner manner) {
    return changed(sequence.replacing(c -> Optional.of(byMeasure(c, sequence))), manner);
  }

  /** "by revenue": ordered by it where it is shown, else it in the place of what is. */
  private Contribution byMeasure(Contribution contribution, Sequence sequence) {
    boolean apart =
        contribution instanceof Contribution.RankMeasure
            && sequence.edges().stream().noneMatch(e -> e.part() instanceof Contribution.Ranked);
    if (!apart) {
      return contribution;
    }
    Measure by = ((Contribution.RankMeasure) contribution).by();
    if (by instanceof Measure.RowCount && before.get(0).ranking().isEmpty()) {
      return contribution;
    }
    return before.get(0).measures().contains(by)
        ? new Contribution.Order(Optional.of(by), false, Optional.empty())
        : new Contribution.Measures(List.of(by));
  }

  private Optional<Assembly.Result> changed(Sequence sequence, Manner manner) {
    Said said = Said.of(sequence);
    if (said.has(Contribution.Steering.class)) {
      return steered(said);
    } else if (said.has(Contribution.Those.class)) {
      return amongThose(said);
    }
    Plan plan = before.get(0);
    Sequence rest = said.rest();
    for (Edge edge : sequence.edges()) {
      if (!(edge.part() instanceof Contribution.Edit edit)) {
        continue;
      }
      Optional<Plan> changed = parts.edited(plan, edit);
      if (changed.isPresent()) {
        plan = changed.get();
      } else if (edit instanceof Contribution.Dropping dropping) {
        Optional<Contribution> excluding = parts.excluding(dropping.what());
        if (excluding.isEmpty()) {
          return Optional.empty();
        }
        rest = rest.with(edge, excluding.get());
      } else {
        return Optional.empty();
      }
      if (edit instanceof Contribution.Replacing replacing) {
        rest = rest.with(edge, parts.inPlace(replacing.with(), before.get(0), plan));
      } else if (edit instanceof Contribution.ToldAs told) {
        Optional<Contribution> anew = parts.toldAs(plan, told.how());
        if (anew.isEmpty()) {
          return Optional.empty();
        }
        rest = rest.with(edge, anew.get());
      }
    }
    if (rest.edges().isEmpty()) {
      return changed(plan, 0);
    }
    return onTop(plan, Said.of(rest).like(said), manner);
  }

  private Optional<Assembly.Result> changed(Plan plan, double penalty) {
    return plan.equals(before.get(0))
        ? Optional.empty()
        : Optional.of(new Assembly.Result(plan, List.of(), penalty));
  }

  private Optional<Assembly.Result> steered(Said said) {
    boolean alone = said.edits().size() == 1 && said.rest().edges().isEmpty();
    if (!alone) {
      return Optional.empty();
    }
    return switch (said.edits(Contribution.Steering.class).get(0).steer()) {
      case UNDO -> before.size() > 1 ? changed(before.get(1), 0) : Optional.empty();
      case OTHER_WAY -> parts.otherWay(before.get(0)).flatMap(p -> changed(p, 0));
      default -> Optional.empty();
    };
  }

  private Optional<Assembly.Result> onTop(Plan plan, Said said, Manner manner) {
    boolean andMore = said.startsWithAnd() && said.filters().isEmpty();
    boolean adding =
        manner == Manner.ON_TOP
            || manner == Manner.AS_SAID
                && (said.has(Contribution.Adding.class) || said.again() || andMore);
    boolean swapping =
        !adding
            && (manner == Manner.IN_PLACE
                || said.has(Contribution.Swapping.class)
                || said.startsWithAnd());
    Plan left = plan;
    boolean computes = true;
    if (left.listing().isPresent() && isComputing(said)) {
      left = parts.counted(left);
    }
    if (said.measures() && !adding) {
      computes = false;
    } else if (said.figures()) {
      left = parts.withoutFigures(left);
    }
    Sequence rest = said.rest();
    if (adding) {
      Plan excluding = left;
      rest =
          rest.replacing(c -> parts.isLetBackIn(excluding, c) ? Optional.empty() : Optional.of(c));
      left = parts.lettingBackIn(left, said.filters());
      if (rest.edges().isEmpty()) {
        return changed(left, 0);
      }
    } else {
      for (Filter filter : said.filters()) {
        left = parts.withoutLike(left, filter, swapping);
      }
    }
    List<Grouping> groupings = said.groupings();
    if (!groupings.isEmpty() && !adding) {
      left = parts.withoutLike(left, groupings, swapping);
    }
    if (!groupings.isEmpty() || said.ranking()) {
      left = parts.withoutClaim(left);
    }
    if (said.ranking()) {
      left = left.withRanking(Optional.empty());
    }
    Plan remaining = left;
    boolean addsMore = adding;
    Sequence words =
        rest.replacing(c -> Optional.of(inTimeOfBefore(parts.fittedTo(remaining, plan, c), plan)));
    double unlike =
        UNLIKE * said.filters().stream().filter(f -> isUnlike(f, plan, addsMore)).count();
    return Assembly.onTopOf(new Assembly.Before(left, computes), words, scope)
        .map(r -> r.with(timesLast(r.plan())).weaker(unlike));
  }

  /** Whether it names a value of a column that the plan before has nothing of. */
  private static boolean isUnlike(Filter filter, Plan plan, boolean adding) {
    return filter instanceof Filter.InValues in
        && (adding || !plan.groupings().contains(new Grouping.ByColumn(in.column())))
        && plan.filters().stream()
            .noneMatch(f -> PlanParts.columnOf(f).equals(Optional.of(in.column())));
  }

  /** In the order in which people mostly say filters. */
  private static Plan timesLast(Plan plan) {
    List<Filter> filters = new ArrayList<>(plan.filters());
    filters.sort(
        Comparator.comparing((Filter f) -> f instanceof Filter.InPeriod)
            .thenComparing(Filter.Recurring.class::isInstance));
    return plan.withFilters(filters);
  }

  /** Whether a follow-up to a list of rows asks for a number of them. */
  private static boolean isComputing(Said said) {
    return said.measures() && !said.isNounsOnly() || !said.groupings().isEmpty() || said.figures();
  }

  /** "only July", after "in 2025": the July of that year. */
  private Contribution inTimeOfBefore(Contribution contribution, Plan plan) {
    if (!(contribution instanceof Contribution.Narrowing narrowing)
        || !narrowing.anyYear()
        || !(narrowing.filter() instanceof Filter.InPeriod in)) {
      return contribution;
    }
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InPeriod then && !then.negated()) {
        Optional<Period> inside = inside(in.period(), scope.periods().resolve(then.period()));
        Optional<Period> meant = inside.or(() -> inYearOf(in.period(), then.period()));
        if (meant.isPresent()) {
          return new Contribution.Narrowing(
              new Filter.InPeriod(meant.get(), in.date(), in.negated()));
        }
      }
    }
    return contribution;
  }

  /** The same part of a year, the last that is in the days. */
  private Optional<Period> inside(Period period, DayRange days) {
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return Optional.empty();
    }
    int last = days.end().get().minusDays(1).getYear();
    for (int year = last; year >= days.first().get().getYear(); year--) {
      Optional<Period> then = inYear(period, year);
      if (then.isPresent()) {
        DayRange range = scope.periods().resolve(then.get());
        boolean within =
            range.first().isPresent()
                && range.end().isPresent()
                && !range.first().get().isBefore(days.first().get())
                && !range.end().get().isAfter(days.end().get());
        if (within) {
          return then;
        }
      }
    }
    return Optional.empty();
  }

  /** The same part of the year that the other period is in, where it is in one. */
  private Optional<Period> inYearOf(Period period, Period other) {
    DayRange days = scope.periods().resolve(other);
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return Optional.empty();
    }
    int year = days.first().get().getYear();
    return days.end().get().minusDays(1).getYear() == year
        ? inYear(period, year)
        : Optional.empty();
  }

  private static Optional<Period> inYear(Period period, int year) {
    if (period instanceof Period.Span span) {
      return Optional.of(new Period.Span(span.unit(), span.first().withYear(year)));
    } else if (period instanceof Period.InSeason season) {
      return Optional.of(new Period.InSeason(season.season(), year));
    }
    return period instanceof Period.During during
        ? Optional.of(new Period.During(during.occasion(), year))
        : Optional.empty();
  }

  /** "of those huts", "which of these": only what the answer before shows. */
  private Optional<Assembly.Result> amongThose(Said said) {
    boolean others = said.edits().stream().anyMatch(e -> !isPointing(e));
    Plan plan = before.get(0);
    Optional<String> table = said.edits(Contribution.Those.class).get(0).table();
    Optional<Filter.Among> shown = shown(plan, table);
    if (others) {
      return Optional.empty();
    }
    boolean named =
        plan.groupings().stream()
            .anyMatch(
                g -> g instanceof Grouping.ByColumn by && scope.model().namesItsTable(by.column()));
    boolean sameRows =
        !named
            && plan.ranking().isEmpty()
            && plan.keeps().isEmpty()
            && plan.listing().isEmpty()
            && plan.measures().stream()
                .anyMatch(
                    m ->
                        m instanceof Measure.RowCount count
                            && count.table().equals(table.orElse(count.table())));
    boolean allListed =
        plan.listing()
            .filter(l -> l.count().isEmpty() && l.table().equals(table.orElse(l.table())))
            .isPresent();
    if (!said.measures() && (sameRows || allListed)) {
      return said.rest().edges().isEmpty() ? Optional.empty() : onTop(plan, said, Manner.AS_SAID);
    } else if (sameRows) {
      Plan rows = Plan.of(plan.measures().get(0), List.of(), plan.filters());
      return Assembly.onTopOf(new Assembly.Before(rows, false), said.rest(), scope);
    } else if (shown.isEmpty()) {
      return Optional.empty();
    }
    List<Filter> filters = new ArrayList<>(List.of(shown.get()));
    if (!said.measures()) {
      Plan narrowed =
          plan.withRanking(Optional.empty())
              .withKeeps(List.of())
              .withFilters(
                  plan.ranking().isEmpty() && plan.keeps().isEmpty()
                      ? plan.filters()
                      : with(plan.filters(), shown.get()));
      return said.rest().edges().isEmpty()
          ? Optional.empty()
          : onTop(narrowed, said, Manner.AS_SAID);
    }
    boolean timeSaid = said.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    if (!timeSaid) {
      plan.filters().stream().filter(Filter.InPeriod.class::isInstance).forEach(filters::add);
    }
    Plan rows = Plan.of(new Measure.RowCount(shown.get().column().table()), List.of(), filters);
    return Assembly.onTopOf(new Assembly.Before(rows, false), said.rest(), scope);
  }

  private static List<Filter> with(List<Filter> filters, Filter more) {
    List<Filter> all = new ArrayList<>(filters);
    all.add(more);
    return all;
  }

  private static boolean isPointing(Contribution.Edit edit) {
    return edit instanceof Contribution.Those
        || edit instanceof Contribution.Only
        || edit instanceof Contribution.Swapping
        || edit instanceof Contribution.Adding;
  }

  /** The rows that the plan names. */
  private Optional<Filter.Among> shown(Plan plan, Optional<String> table) {
    Plan bare = plan.withSort(Optional.empty()).withPicture(Optional.empty());
    if (plan.listing().isPresent()) {
      Listing listing = plan.listing().get();
      return scope
          .namingColumn(listing.table())
          .filter(c -> listing.table().equals(table.orElse(listing.table())))
          .map(c -> new Filter.Among(c, bare, false));
    }
    return plan.groupings().stream()
        .filter(g -> g instanceof Grouping.ByColumn)
        .map(g -> ((Grouping.ByColumn) g).column())
        .filter(
            c -> table.isEmpty() || c.table().equals(table.get()) && scope.model().namesItsTable(c))
        .reduce((first, second) -> second)
        .map(
            c ->
                new Filter.Among(
                    c,
                    bare.groupings().size() == 1
                        ? bare
                        : bare.withGroupings(List.of(new Grouping.ByColumn(c)))
                            .withRanking(bare.ranking().filter(r -> r.within().isEmpty())),
                    false));
  }
}
