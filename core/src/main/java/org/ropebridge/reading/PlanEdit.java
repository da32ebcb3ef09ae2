package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Phrase;
import org.ropebridge.reading.rule.Scope;

/** Changes the plan of the question before by what a follow-up says. */
final class PlanEdit {
  /** How much less likely a value of a column is that the question before has nothing of. */
  private static final double UNLIKE = 0.4;

  private final List<Plan> before;
  private final Scope scope;
  private final PlanParts parts;
  private final ListEdits lists;
  private final GivingWay givingWay;
  private final WholeEdits wholes;
  private final Additions additions;
  private final PeriodEdits periods;
  private final ThoseEdits those;

  /**
   * Makes an editor.
   *
   * @param before the plans of the questions before, the last one first; at least one
   */
  PlanEdit(List<Plan> before, Scope scope) {
    this.before = before;
    this.scope = scope;
    this.parts = new PlanParts(scope);
    this.lists = new ListEdits(scope);
    this.givingWay = new GivingWay(scope);
    this.wholes = new WholeEdits(scope);
    this.additions = new Additions(scope);
    this.periods = new PeriodEdits(scope);
    this.those = new ThoseEdits(before.get(0), scope);
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
    Optional<Assembly.Result> changed =
        changed(sequence.replacing(c -> Optional.of(byMeasure(c, sequence))), manner);
    boolean drilled =
        sequence.edges().stream().anyMatch(e -> e.part() instanceof Contribution.Drill);
    return drilled
        ? changed.map(r -> r.with(wholes.stepped(r.plan(), true).orElse(r.plan())))
        : changed;
  }

  /** "by revenue": ordered by it where it is shown, else it in the place of what is. */
  private Contribution byMeasure(Contribution contribution, Sequence sequence) {
    if (contribution instanceof Contribution.Groupings groupings
        && before.get(0).ranking().isPresent()) {
      return amount(groupings)
          .<Contribution>map(m -> new Contribution.Measures(List.of(m)))
          .orElse(contribution);
    }
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

  /** "by delay" of what is ranked: by the number that its author says the bare column means. */
  private Optional<Measure> amount(Contribution.Groupings groupings) {
    return groupings.groupings().size() == 1
            && groupings.groupings().get(0) instanceof Grouping.ByColumn by
        ? scope.meantByColumn(by.column())
        : Optional.empty();
  }

  private Optional<Assembly.Result> changed(Sequence sequence, Manner manner) {
    Said said = Said.of(sequence);
    if (said.has(Contribution.Steering.class)) {
      return steered(said);
    } else if (said.has(Contribution.BothOfThem.class)) {
      return said.edits().size() == 1 && said.rest().edges().isEmpty() && before.size() > 1
          ? new TwoPlans(scope).both(before.get(1), before.get(0)).flatMap(p -> changed(p, 0))
          : Optional.empty();
    } else if (said.has(Contribution.CountOfThose.class)) {
      return those.counted(said);
    } else if (said.has(Contribution.Those.class)) {
      return those.among(said, (p, s) -> onTop(p, s, Manner.AS_SAID));
    }
    Plan plan = before.get(0);
    Sequence rest = said.has(Contribution.Adding.class) ? beside(said, plan) : said.rest();
    for (Edge edge : sequence.edges()) {
      if (!(edge.part() instanceof Contribution.Edit edit)) {
        continue;
      }
      if (edit instanceof Contribution.KeepThose && said.measures()) {
        return Optional.empty();
      }
      if (isAlone(edit) && sequence.edges().stream().anyMatch(e -> isMore(e, edge))) {
        return Optional.empty();
      }
      if (edit instanceof Contribution.ListThose && isShownAsIs(plan, said)) {
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
      if (edit instanceof Contribution.Added || edit instanceof Contribution.Whereabouts) {
        Contribution what =
            edit instanceof Contribution.Added added
                ? added.what()
                : additions.whereabouts(plan).orElse(null);
        Optional<Plan> widened =
            Optional.ofNullable(what).flatMap(w -> additions.widened(before.get(0), said, w));
        if (widened.isPresent()) {
          plan = widened.get();
        } else if (what == null || !additions.canStandBeside(before.get(0), what)) {
          return Optional.empty();
        } else {
          rest = rest.with(edge, what);
        }
      } else if (edit instanceof Contribution.Replacing replacing) {
        rest =
            rest.with(
                edge,
                periods.inTimeOf(
                    parts.inPlace(replacing.with(), before.get(0), plan), before.get(0)));
      } else if (edit instanceof Contribution.DoneApart done) {
        rest = rest.with(edge, done.related());
      } else if (edit instanceof Contribution.OtherEnd end && plan.listing().isEmpty()) {
        int count = end.count().orElse(plan.ranking().map(Plan.Ranking::count).orElse(1));
        plan = KeptGroups.all(plan);
        rest =
            rest.with(
                edge,
                new Contribution.Ranked(
                    end.direction(), count, Optional.empty(), Optional.empty()));
      } else if (edit instanceof Contribution.HowMeasured how) {
        rest = rest.with(edge, lists.measured(plan, how.how()).orElseThrow());
      } else if (edit instanceof Contribution.GroupedInstead instead) {
        rest = rest.with(edge, new Contribution.Groupings(List.of(instead.by())));
      } else if (edit instanceof Contribution.InWhich which) {
        rest = rest.with(edge, new Contribution.Groupings(List.of(which.what())));
      } else if (edit instanceof Contribution.ComparedWith with) {
        rest = rest.with(edge, new Contribution.VersusTime(with.time(), Contribution.With.NOTHING));
      } else if (edit instanceof Contribution.ToldSince told) {
        Optional<Contribution> anew = parts.toldAs(plan, told.how());
        if (anew.isEmpty()) {
          return Optional.empty();
        }
        rest =
            rest.with(edge, anew.get())
                .with(edge, new Contribution.VersusTime(told.time(), Contribution.With.NOTHING));
      } else if (edit instanceof Contribution.ToldAs told) {
        Optional<Plan> compared = parts.comparedOnly(plan, told.how());
        if (compared.isPresent()) {
          plan = compared.get();
          continue;
        }
        Optional<Contribution> anew = parts.toldAs(plan, told.how());
        if (anew.isEmpty()) {
          return Optional.empty();
        }
        rest = rest.with(edge, anew.get());
      }
    }
    Optional<Plan> narrower = Additions.withoutColumn(said, plan);
    if (narrower.isPresent()) {
      return changed(narrower.get(), 0);
    } else if (said.asksForThose()) {
      return Optional.of(new Assembly.Result(plan, List.of(), 0));
    } else if (rest.edges().isEmpty()) {
      return changed(plan, 0);
    }
    return onTop(plan, Said.of(rest).like(said), manner);
  }

  /** "last year as well": beside the time of before, and not in its place. */
  private static Sequence beside(Said said, Plan plan) {
    boolean timed =
        plan.listing().isEmpty()
            && plan.filters().stream()
                .anyMatch(f -> f instanceof Filter.InPeriod in && !in.negated());
    boolean time =
        said.contributions().size() == 1
            && said.narrowings().size() == 1
            && said.narrowings().get(0).filter() instanceof Filter.InPeriod in
            && !in.negated();
    return timed && time
        ? said.rest()
            .replacing(
                c ->
                    Optional.of(
                        new Contribution.VersusTime(
                            new Phrase.Time(
                                ((Filter.InPeriod) ((Contribution.Narrowing) c).filter()).period(),
                                true),
                            Contribution.With.NOTHING)))
        : said.rest();
  }

  /** "show them on a map", of groups: the answer before, drawn so. */
  private static boolean isShownAsIs(Plan plan, Said said) {
    return !plan.groupings().isEmpty()
        && !said.contributions().isEmpty()
        && said.contributions().stream().allMatch(Contribution.Shown.class::isInstance);
  }

  /** Whether the edit makes sense only where nothing else is said. */
  private static boolean isAlone(Contribution.Edit edit) {
    return edit instanceof Contribution.KeepThose keep && keep.bare()
        || edit instanceof Contribution.WholeEdit
        || edit instanceof Contribution.Whereabouts
        || edit instanceof Contribution.NewestOf
        || edit instanceof Contribution.InWhich which && which.bare()
        || edit instanceof Contribution.SpanBefore
        || edit instanceof Contribution.OtherEnd
        || edit instanceof Contribution.HowMeasured
        || edit instanceof Contribution.ComparedWith;
  }

  /** Whether the other edge says more than how this one is meant. */
  private static boolean isMore(Edge other, Edge edge) {
    boolean shown =
        edge.part() instanceof Contribution.Drawn && other.part() instanceof Contribution.Shown;
    return !other.equals(edge)
        && !shown
        && !(other.part() instanceof Contribution.Swapping)
        && !(other.part() instanceof Contribution.Only);
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
      case WHY -> lists.byReason(before.get(0)).flatMap(p -> changed(p, 0));
      case OTHER_WAY -> parts.otherWay(before.get(0)).flatMap(p -> changed(p, 0));
      default -> Optional.empty();
    };
  }

  private Optional<Assembly.Result> onTop(Plan plan, Said wanted, Manner manner) {
    Said said =
        plan.listing()
            .filter(l -> wanted.groupings().isEmpty())
            .map(l -> endsOf(l, wanted))
            .orElse(wanted);
    boolean onlyMore =
        said.edits().isEmpty()
            && said.contributions().size() == 1
            && said.contributions().get(0) instanceof Contribution.Comparative;
    if (comparesTimes(said) || onlyMore) {
      return Optional.empty();
    }
    boolean andMore = said.startsWithAnd() && said.filters().isEmpty();
    boolean adding =
        manner == Manner.ON_TOP
            || manner == Manner.AS_SAID
                && (said.has(Contribution.Adding.class)
                    || said.has(Contribution.Added.class)
                    || said.has(Contribution.Whereabouts.class)
                    || said.again()
                    || andMore);
    boolean swapping =
        !adding
            && (manner == Manner.IN_PLACE
                || said.has(Contribution.Swapping.class)
                || said.has(Contribution.GroupedInstead.class)
                || said.startsWithAnd());
    Plan left = plan;
    boolean computes = true;
    if (left.listing().isPresent() && isComputing(said)) {
      left = lists.counted(left);
    }
    Optional<Plan> ofEach =
        said.rest().edges().size() == 1
            ? lists.firstOfEach(plan, said.groupings())
            : Optional.empty();
    if (ofEach.isPresent()) {
      return changed(ofEach.get(), 0);
    }
    Optional<Plan> besideOther = KeptGroups.beside(plan, said.filters());
    if (besideOther.isPresent() && said.contributions().size() == 1) {
      return changed(besideOther.get(), 0);
    }
    Optional<Plan> inOtherTime =
        adding ? Optional.empty() : PeriodEdits.ofRelated(plan, said.contributions());
    if (inOtherTime.isPresent()) {
      return changed(inOtherTime.get(), 0);
    }
    Optional<Plan> otherwise =
        adding
            ? Optional.empty()
            : said.onlyMeasure()
                .flatMap(
                    m -> KeptGroups.measuredBy(plan, m).or(() -> parts.narrowedAlike(plan, m)));
    if (otherwise.isPresent()) {
      return changed(otherwise.get(), 0);
    }
    boolean ranksListed = plan.listing().isPresent() && said.ranksByOtherThan(List.of());
    if ((said.measures() || ranksListed) && !adding) {
      computes = false;
    } else if (said.figures()) {
      left = parts.withoutFigures(left);
    }
    Sequence rest = said.rest();
    if (adding) {
      Plan excluding = left;
      rest =
          rest.replacing(
              c -> givingWay.isLetBackIn(excluding, c) ? Optional.empty() : Optional.of(c));
      left = GivingWay.lettingBackIn(left, said.filters());
      if (rest.edges().isEmpty()) {
        return changed(left, 0);
      }
    } else {
      for (Filter filter : said.filters()) {
        left = givingWay.withoutLike(left, filter, swapping);
      }
    }
    List<Grouping> groupings = said.groupings();
    if (!groupings.isEmpty() && !adding) {
      left = givingWay.withoutLike(left, groupings, swapping);
    }
    if (!groupings.isEmpty() || said.ranking()) {
      left = parts.withoutClaim(left);
    }
    if (said.ranking()) {
      left = KeptGroups.all(left).withRanking(Optional.empty());
    }
    Optional<Contribution> portion =
        said.isOnly(Contribution.InShares.class) ? parts.portion(left) : Optional.empty();
    if (portion.isPresent()) {
      rest = rest.replacing(c -> portion);
      left =
          left.withFilters(
              left.filters().stream().filter(Filter.InPeriod.class::isInstance).toList());
      computes = false;
    }
    if (adding && said.isNounsOnly() && plan.listing().isEmpty()) {
      rest = rest.replacing(c -> Optional.of(counted(c)));
    }
    left = withSortKey(left, said);
    Plan remaining = left;
    boolean addsMore = adding;
    boolean timeOnly = !adding && said.contributions().size() == 1;
    Sequence words =
        rest.replacing(
            c -> {
              Contribution then = periods.inTimeOf(parts.fittedTo(remaining, plan, c), plan);
              return Optional.of(timeOnly ? periods.onDateOf(then, plan) : then);
            });
    double unlike =
        UNLIKE
            * (said.filters().stream().filter(f -> isUnlike(f, plan, addsMore)).count()
                + said.contributions().stream().filter(c -> isUnlike(c, plan)).count());
    return Assembly.onTopOf(new Assembly.Before(left, computes), words, scope)
        .map(r -> r.with(groupingsInPlace(timesLast(r.plan()), plan)).weaker(unlike));
  }

  /** "which has the most beds", of rows that are listed. */
  private Said endsOf(Listing listing, Said said) {
    return said.withRest(
        said.rest()
            .replacing(
                c ->
                    c instanceof Contribution.Extreme extreme
                        ? lists.endOf(listing, extreme)
                        : Optional.of(c)));
  }

  /** "and callouts", beside numbers: how many there are. */
  private static Contribution counted(Contribution contribution) {
    return contribution instanceof Contribution.Noun noun
        ? new Contribution.Measures(List.of(new Measure.RowCount(noun.table())))
        : contribution;
  }

  /** "sort by guest nights", which are not shown yet: beside what is. */
  private Plan withSortKey(Plan plan, Said said) {
    Optional<Plan.SortKey> key =
        said.isOnly(Contribution.Order.class) && !plan.groupings().isEmpty()
            ? said.contributions().stream()
                .filter(Contribution.Order.class::isInstance)
                .flatMap(c -> ((Contribution.Order) c).by().stream())
                .findFirst()
            : Optional.empty();
    if (key.isEmpty()) {
      return plan;
    } else if (key.get() instanceof Measure measure) {
      return plan.measures().contains(measure)
          ? plan
          : plan.withMeasures(PlanParts.with(plan.measures(), measure));
    }
    Grouping grouping = (Grouping) key.get();
    boolean told =
        grouping instanceof Grouping.ByColumn by
            && !plan.groupings().contains(grouping)
            && plan.groupings().stream().anyMatch(g -> additions.isOneOf(by.column(), g));
    return told ? plan.withGroupings(PlanParts.with(plan.groupings(), grouping)) : plan;
  }

  /** "compare with April" asks for both times, and not for April alone. */
  private static boolean comparesTimes(Said said) {
    boolean comparing =
        said.contributions().stream().anyMatch(Contribution.SideBySide.class::isInstance)
            || said.rest().idle().stream().anyMatch(m -> m.is(Role.COMPARE));
    return comparing
        && !said.filters().isEmpty()
        && said.filters().stream().allMatch(Filter.InPeriod.class::isInstance);
  }

  /** A breakdown in the place of another stands where that stood. */
  private static Plan groupingsInPlace(Plan plan, Plan before) {
    List<Grouping> old = before.groupings();
    List<Grouping> gone = old.stream().filter(g -> !plan.groupings().contains(g)).toList();
    List<Grouping> come = plan.groupings().stream().filter(g -> !old.contains(g)).toList();
    return gone.size() == 1 && come.size() == 1 && old.size() == plan.groupings().size()
        ? plan.withGroupings(
            old.stream().map(g -> g.equals(gone.get(0)) ? come.get(0) : g).toList())
        : plan;
  }

  /** Whether it names a value of a column that the plan before has nothing of. */
  private static boolean isUnlike(Filter filter, Plan plan, boolean adding) {
    return filter instanceof Filter.InValues in
        && (adding || !plan.groupings().contains(new Grouping.ByColumn(in.column())))
        && plan.groupings().stream()
            .noneMatch(
                g ->
                    g instanceof Grouping.ByColumn by
                        && !by.column().equals(in.column())
                        && by.column().table().equals(in.column().table()))
        && plan.filters().stream()
            .noneMatch(f -> f.narrowedColumn().equals(Optional.of(in.column())));
  }

  /** "who", after a list of people: those, and no others. */
  private boolean isUnlike(Contribution contribution, Plan plan) {
    Optional<String> listed = plan.listing().map(Listing::table);
    if (contribution instanceof Contribution.Subject subject
        && subject.what() instanceof Grouping.ByColumn by) {
      return listed.filter(t -> !t.equals(by.column().table())).isPresent();
    }
    return contribution instanceof Contribution.Ranked ranked
        && ranked.what().orElse(null) instanceof Grouping.ByColumn by
        && scope.persons().contains(by.column().withoutRole())
        && listed.filter(t -> !t.equals(by.column().table()) && scope.arePeople(t)).isPresent();
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
}
