package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Changes what is done with the groups or rows of a plan as a whole; empty where nothing would. */
final class WholeEdits {
  private static final List<TimeUnit> STEPS =
      List.of(TimeUnit.YEAR, TimeUnit.QUARTER, TimeUnit.MONTH, TimeUnit.WEEK, TimeUnit.DAY);

  private final Scope scope;

  WholeEdits(Scope scope) {
    this.scope = scope;
  }

  /** The changed plan; empty when there is nothing that the edit could change. */
  Optional<Plan> edited(Plan plan, Contribution.WholeEdit edit) {
    Optional<Plan> changed;
    if (edit instanceof Contribution.InTotal) {
      changed = inTotal(plan);
    } else if (edit instanceof Contribution.Others others) {
      changed = others(plan, others.of());
    } else if (edit instanceof Contribution.WithoutEnd end) {
      changed = withoutEnd(plan, end);
    } else if (edit instanceof Contribution.Everywhere) {
      changed = Optional.of(everywhere(plan));
    } else if (edit instanceof Contribution.FirstOf first) {
      changed = firstOf(plan, first.count(), first.last());
    } else if (edit instanceof Contribution.EveryRow) {
      changed = Optional.of(everyRow(plan));
    } else if (edit instanceof Contribution.MoreRows) {
      changed = moreRows(plan);
    } else if (edit instanceof Contribution.AtPlace at) {
      changed = atPlace(plan, at.place());
    } else if (edit instanceof Contribution.OnlyNames) {
      changed = onlyNames(plan);
    } else if (edit instanceof Contribution.Step step) {
      changed = stepped(plan, step.finer());
    } else if (edit instanceof Contribution.AllColumns) {
      changed = allColumns(plan);
    } else {
      changed = drawn(plan, ((Contribution.Drawn) edit).picture());
    }
    return changed.filter(p -> !p.equals(plan));
  }

  private Optional<Plan> inTotal(Plan plan) {
    if (plan.listing().isPresent() || plan.groupings().isEmpty()) {
      return Optional.empty();
    }
    List<Filter> filters = new ArrayList<>(plan.filters());
    if (keepsSome(plan)) {
      Optional<Filter.Among> shown = shown(plan, Optional.empty());
      if (shown.isEmpty()) {
        return Optional.empty();
      }
      filters = new ArrayList<>(List.of(shown.get()));
      plan.filters().stream().filter(Filter.InPeriod.class::isInstance).forEach(filters::add);
    }
    List<Measure> measures = plan.measures().stream().map(PlanParts::basis).distinct().toList();
    return Optional.of(Plan.of(measures, List.of(), filters));
  }

  /** How many things a plan shows, where its groups are such. */
  Optional<Plan> counted(Plan plan) {
    return shown(plan, Optional.empty())
        .filter(those -> scope.model().namesItsTable(those.column()))
        .map(
            those ->
                Plan.of(new Measure.RowCount(those.column().table()), List.of(), List.of(those)));
  }

  private static boolean keepsSome(Plan plan) {
    return plan.ranking().isPresent() || !plan.keeps().isEmpty();
  }

  /** What the only filter that is not a time leaves out, or a ranking. */
  private Optional<Plan> others(Plan plan, Optional<Grouping> of) {
    if (keepsSome(plan)) {
      return shown(plan, Optional.empty())
          .filter(
              a -> of.isEmpty() || PlanParts.isSame(of.get(), new Grouping.ByColumn(a.column())))
          .map(
              a ->
                  plan.withRanking(Optional.empty())
                      .withKeeps(List.of())
                      .withFilters(
                          PlanParts.with(
                              plan.filters(), new Filter.Among(a.column(), a.plan(), true))));
    }
    List<Filter> parts =
        plan.filters().stream()
            .filter(f -> !(f instanceof Filter.InPeriod))
            .filter(
                f ->
                    of.isEmpty()
                        || f.narrowedColumn()
                            .filter(c -> PlanParts.isSame(of.get(), new Grouping.ByColumn(c)))
                            .isPresent())
            .toList();
    Optional<Filter> left = parts.size() == 1 ? PlanParts.negated(parts.get(0)) : Optional.empty();
    return left.map(
        f -> {
          Plan others =
              plan.withFilters(
                  plan.filters().stream().map(o -> o.equals(parts.get(0)) ? f : o).toList());
          boolean told = of.isEmpty() || plan.groupings().contains(of.get());
          return told || plan.listing().isPresent()
              ? others
              : others.withGroupings(PlanParts.with(plan.groupings(), of.get()));
        });
  }

  private Optional<Plan> withoutEnd(Plan plan, Contribution.WithoutEnd end) {
    if (plan.listing().isPresent() || plan.groupings().size() != 1 || keepsSome(plan)) {
      return Optional.empty();
    }
    Measure by = plan.measures().get(0);
    boolean top = GroupRanking.isTop(end.direction(), by, scope);
    return others(
        plan.withRanking(Optional.of(new Plan.Ranking(top, end.count(), by, Optional.empty()))),
        Optional.empty());
  }

  private Plan everywhere(Plan plan) {
    return PlanParts.withFilters(
        plan,
        f ->
            f.narrowedColumn()
                .map(ColumnRef::withoutRole)
                .filter(scope.places()::contains)
                .isEmpty());
  }

  private Optional<Plan> firstOf(Plan shown, int count, boolean last) {
    Plan plan = KeptGroups.ofOthers(shown);
    if (plan.listing().isPresent()) {
      return ordered(plan.listing().get())
          .map(l -> last ? l.in(l.order().orElseThrow().reversed()) : l)
          .map(l -> plan.withListing(l.first(count)));
    }
    boolean ranked =
        !plan.groupings().isEmpty()
            && !(plan.groupings().get(0) instanceof Grouping.ByTime)
            && plan.sort().filter(s -> s.by() instanceof Grouping).isEmpty();
    if (!ranked) {
      return Optional.empty();
    }
    Plan.Ranking ranking =
        plan.ranking()
            .map(r -> new Plan.Ranking(r.top() != last, count, r.by(), r.within()))
            .orElseGet(
                () ->
                    new Plan.Ranking(
                        plan.sort().map(Plan.Sort::descending).orElse(true) != last,
                        count,
                        plan.sort()
                            .map(s -> (Measure) s.by())
                            .orElseGet(() -> plan.measures().get(0)),
                        Optional.empty()));
    return Optional.of(plan.withSort(Optional.empty()).withRanking(Optional.of(ranking)));
  }

  /** Rows in an order: by their newest date, or by name. */
  private Optional<Listing> ordered(Listing listing) {
    return listing.order().isPresent()
        ? Optional.of(listing)
        : scope
            .namingColumn(listing.table())
            .map(c -> new Listing.Order(c, false))
            .or(
                () ->
                    scope.datesOf(listing.table()).stream()
                        .findFirst()
                        .map(c -> new Listing.Order(c, true)))
            .map(listing::in);
  }

  private static Plan everyRow(Plan plan) {
    return plan.listing()
        .map(l -> plan.withListing(l.uncut()))
        .orElseGet(() -> KeptGroups.all(plan).withRanking(Optional.empty()));
  }

  private Optional<Plan> moreRows(Plan plan) {
    return plan.ranking()
        .map(Plan.Ranking::count)
        .or(() -> plan.listing().flatMap(Listing::count))
        .flatMap(n -> firstOf(plan, 2 * n, false));
  }

  private static Optional<Plan> atPlace(Plan plan, int place) {
    boolean one =
        plan.groupings().size() == 1
            && plan.groupings().get(0) instanceof Grouping.ByColumn
            && plan.ranking().filter(r -> !r.top() || r.within().isPresent()).isEmpty();
    Measure by = plan.ranking().map(Plan.Ranking::by).orElse(one ? plan.measures().get(0) : null);
    return one && by instanceof Measure.Plain plain
        ? Optional.of(
            plan.withRanking(Optional.empty())
                .withKeeps(
                    PlanParts.with(
                        plan.keeps(),
                        new Plan.Keep(
                            new Measure.Rank(plain),
                            new Plan.Against(Bound.of(Filter.Comparison.EQUAL_TO, place))))))
        : Optional.empty();
  }

  /** With the last breakdown that has a next one, one step finer or coarser. */
  Optional<Plan> stepped(Plan plan, boolean finer) {
    if (plan.listing().isPresent()) {
      return Optional.empty();
    }
    for (int i = plan.groupings().size() - 1; i >= 0; i--) {
      Optional<Grouping> next = next(plan.groupings().get(i), finer);
      if (next.isPresent() && !plan.groupings().contains(next.get())) {
        List<Grouping> groupings = new ArrayList<>(plan.groupings());
        groupings.set(i, next.get());
        return Optional.of(plan.withSort(Optional.empty()).withGroupings(groupings));
      }
    }
    return Optional.empty();
  }

  private Optional<Grouping> next(Grouping grouping, boolean finer) {
    if (grouping instanceof Grouping.ByTime time) {
      int at = STEPS.indexOf(time.unit()) + (finer ? 1 : -1);
      return STEPS.contains(time.unit()) && at >= 0 && at < STEPS.size()
          ? Optional.of(new Grouping.ByTime(STEPS.get(at), time.date()))
          : Optional.empty();
    }
    if (!(grouping instanceof Grouping.ByColumn by)) {
      return Optional.empty();
    } else if (scope.model().namesItsTable(by.column())) {
      return beside(by.column().table(), finer).map(Grouping.ByColumn::new);
    }
    return finer
        ? scope.namingColumn(by.column().table()).map(Grouping.ByColumn::new)
        : Optional.empty();
  }

  /** What names the only table that points at the table, or at which it points. */
  private Optional<ColumnRef> beside(String table, boolean finer) {
    List<ColumnRef> found =
        scope.model().tables().stream()
            .filter(
                t -> finer ? pointsAt(t, table) : pointsAt(scope.model().table(table), t.name()))
            .flatMap(t -> scope.namingColumn(t.name()).stream())
            .distinct()
            .toList();
    return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
  }

  private static boolean pointsAt(Table from, String to) {
    return !from.name().equals(to) && from.links().stream().anyMatch(l -> l.to().equals(to));
  }

  private static Optional<Plan> drawn(Plan plan, boolean picture) {
    boolean time = plan.groupings().stream().anyMatch(Grouping.ByTime.class::isInstance);
    if (!picture) {
      return Optional.of(plan.withPicture(Optional.of(Plan.Picture.TABLE)));
    } else if (plan.groupings().isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(plan.withPicture(Optional.of(time ? Plan.Picture.LINE : Plan.Picture.BAR)));
  }

  private Optional<Plan> onlyNames(Plan plan) {
    return plan.listing()
        .filter(l -> l.per().isEmpty())
        .flatMap(
            l -> scope.namingColumn(l.table()).map(c -> plan.withListing(l.showing(List.of(c)))));
  }

  private Optional<Plan> allColumns(Plan plan) {
    return plan.listing()
        .map(
            l ->
                plan.withListing(
                    l.withMore(
                        scope.model().table(l.table()).columns().stream()
                            .map(c -> ColumnRef.of(l.table(), c.name()))
                            .toList())));
  }

  /**
   * What the plan names: the rows of its list, or its last groups.
   *
   * @param table whose rows are meant, where it is said
   */
  Optional<Filter.Among> shown(Plan plan, Optional<String> table) {
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
