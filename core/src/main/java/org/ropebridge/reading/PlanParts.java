package org.ropebridge.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Columns;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Keeps;
import org.ropebridge.reading.rule.Operands;
import org.ropebridge.reading.rule.Phrase;
import org.ropebridge.reading.rule.Scope;

/** Takes parts of plans away, or puts others in their place. */
final class PlanParts {
  private final Scope scope;
  private final ListEdits lists;
  private final PeriodEdits periods;
  private final WholeEdits wholes;

  PlanParts(Scope scope) {
    this.scope = scope;
    this.lists = new ListEdits(scope);
    this.periods = new PeriodEdits(scope);
    this.wholes = new WholeEdits(scope);
  }

  /**
   * The plan after an edit that needs no other words; the same plan for edits that only say how
   * other words are meant, and empty when there is nothing that it could change.
   */
  Optional<Plan> edited(Plan plan, Contribution.Edit edit) {
    if (edit instanceof Contribution.Dropping dropping) {
      return dropped(plan, dropping.what());
    } else if (edit instanceof Contribution.Replacing replacing) {
      return dropped(plan, periods.inTimeOf(replacing.old(), plan))
          .or(() -> lastMeasureOf(plan, replacing));
    } else if (edit instanceof Contribution.DroppingParts dropping) {
      return ifChanged(plan, dropped(plan, dropping.kind()));
    } else if (edit instanceof Contribution.AllOf all) {
      return ifChanged(plan, unlimited(plan, all.what()));
    } else if (edit instanceof Contribution.WholeOf whole) {
      return ifChanged(plan, periods.inWhole(plan, whole.unit()));
    } else if (edit instanceof Contribution.SpanAfter after) {
      return ifChanged(plan, periods.after(plan, after.unit()));
    } else if (edit instanceof Contribution.SpanBefore earlier) {
      return ifChanged(plan, periods.before(plan, earlier.unit()));
    } else if (edit instanceof Contribution.ByAge age) {
      return lists.newestFirst(plan, age.newestFirst());
    } else if (edit instanceof Contribution.OtherEnd end) {
      boolean groups = plan.listing().isEmpty() && !plan.groupings().isEmpty();
      return groups
          ? lists.endThings(plan, end).or(() -> Optional.of(plan))
          : Optional.of(KeptGroups.all(plan))
              .filter(p -> end.count().isEmpty())
              .flatMap(p -> ListEdits.otherEnd(p, end.direction()))
              .or(() -> lists.endRows(plan, end));
    } else if (edit instanceof Contribution.HowMeasured how) {
      return lists.measured(plan, how.how()).map(m -> plan);
    } else if (edit instanceof Contribution.KeepThose those) {
      return kept(plan, those.comparing());
    } else if (edit instanceof Contribution.CountKept count) {
      return kept(plan, count.comparing()).flatMap(wholes::counted);
    } else if (edit instanceof Contribution.ListThose list) {
      return Optional.of(plan)
          .filter(p -> !list.ifNamed())
          .flatMap(lists::shownThings)
          .or(() -> lists.listed(plan))
          .filter(
              p -> !list.ifNamed() || Listings.haveNames(p.listing().orElseThrow().table(), scope));
    } else if (edit instanceof Contribution.WholeEdit whole) {
      return wholes.edited(plan, whole);
    } else if (edit instanceof Contribution.Qualified qualified) {
      return ifChanged(plan, counting(plan, qualified));
    } else if (edit instanceof Contribution.PriceEach each) {
      return priceEach(plan, each.unit());
    } else if (edit instanceof Contribution.Worth) {
      return ListEdits.counts(plan) && plan.ranking().isEmpty()
          ? worthOf(((Measure.RowCount) plan.measures().get(0)).table())
              .map(m -> plan.withMeasures(List.of(m)).withSort(Optional.empty()))
          : Optional.empty();
    } else if (edit instanceof Contribution.EndOfThose end) {
      return lists.atEnd(plan, end.date(), end.newest());
    } else if (edit instanceof Contribution.NewestOf end) {
      return lists.atEnd(plan, end.newest());
    } else if (edit instanceof Contribution.Amount amount) {
      return resized(plan, amount.count());
    } else if (edit instanceof Contribution.MoreColumns more) {
      return Optional.of(plan)
          .filter(p -> p.listing().isPresent())
          .or(
              () ->
                  more.pointed() == Contribution.MoreColumns.Pointed.YES
                      ? lists.shownThings(plan)
                      : Optional.empty())
          .map(p -> p.withListing(p.listing().orElseThrow().withMore(more.columns())));
    } else if (edit instanceof Contribution.DoneApart) {
      boolean rows =
          plan.listing().isPresent()
              || plan.groupings().isEmpty()
                  && plan.measures().stream().allMatch(Measure.RowCount.class::isInstance);
      return rows ? Optional.of(plan) : Optional.empty();
    } else if (edit instanceof Contribution.Beside beside) {
      return beside(plan, beside.values());
    } else if (edit instanceof Contribution.OtherStatistic other) {
      return other.per().isPresent()
          ? overParts(plan, other.kind(), other.per().get())
          : otherStatistic(plan, other.kind());
    } else if (edit instanceof Contribution.GroupedInstead) {
      return plan.groupings().isEmpty() ? Optional.empty() : Optional.of(plan);
    } else if (edit instanceof Contribution.ShareOfThose share) {
      return partOf(plan, share.part());
    }
    return Optional.of(plan);
  }

  private Optional<Plan> otherStatistic(Plan plan, Measure.Kind kind) {
    Plan other =
        plan.withMeasures(plan.measures().stream().map(m -> withKind(m, kind)).distinct().toList());
    return ifChanged(plan, other)
        .or(
            () ->
                plan.groupings().size() == 1
                    ? overParts(plan, kind, plan.groupings().get(0))
                    : Optional.empty());
  }

  /** "on average", of what is broken down: one number, over those groups. */
  private Optional<Plan> overParts(Plan plan, Measure.Kind kind, Grouping parts) {
    boolean others = plan.groupings().stream().anyMatch(g -> !g.equals(parts));
    return onlyNumber(plan, Measure.Plain.class)
        .filter(m -> !others && kind != Measure.Kind.SUM)
        .flatMap(m -> Operands.over(kind, m, parts, scope))
        .map(
            m ->
                plan.withMeasures(List.of(m))
                    .withGroupings(List.of())
                    .withSort(Optional.empty())
                    .withPicture(Optional.empty()));
  }

  /** The measure of a plan that shows all of its groups, and nothing but that number. */
  private static <M extends Measure> Optional<M> onlyNumber(Plan plan, Class<M> kind) {
    boolean one =
        plan.measures().size() == 1
            && plan.keeps().isEmpty()
            && plan.ranking().isEmpty()
            && plan.claim().isEmpty();
    return one
        ? Optional.of(plan.measures().get(0)).filter(kind::isInstance).map(kind::cast)
        : Optional.empty();
  }

  /** "guest nights instead", of one number for several parts: the other for each of them. */
  Optional<Plan> narrowedAlike(Plan plan, Measure other) {
    List<Measure> bases =
        plan.measures().stream()
            .map(m -> m instanceof Measure.Narrowed narrowed ? narrowed.of() : m)
            .distinct()
            .toList();
    boolean parts =
        plan.measures().size() > 1
            && bases.size() == 1
            && plan.measures().stream().allMatch(Measure.Narrowed.class::isInstance);
    return parts && other instanceof Measure.Basic basic && plan.ranking().isEmpty()
        ? Optional.of(
            plan.withSort(Optional.empty())
                .withMeasures(
                    plan.measures().stream()
                        .<Measure>map(
                            m -> new Measure.Narrowed(basic, ((Measure.Narrowed) m).filters()))
                        .toList()))
        : Optional.empty();
  }

  /** "what share was cancelled", of what was counted: the part of it that meets a filter. */
  private Optional<Plan> partOf(Plan plan, Filter part) {
    return onlyNumber(plan, Measure.Basic.class)
        .filter(m -> !plan.filters().contains(part))
        .map(m -> new Measure.Portion(m, List.of(part)))
        .map(m -> plan.withMeasures(List.of(m)).withSort(Optional.empty()));
  }

  /** The only money of two measures, divided by the other, which is counted in the unit. */
  private Optional<Plan> priceEach(Plan plan, String unit) {
    List<Measure.Plain> plain =
        plan.measures().stream()
            .filter(m -> m instanceof Measure.Plain && !(m instanceof Measure.Arithmetic))
            .map(m -> (Measure.Plain) m)
            .toList();
    Optional<Measure.Plain> money = plain.stream().filter(scope::isMoney).findFirst();
    Optional<Measure.Plain> counted =
        plain.stream().filter(m -> scope.unitOf(m).equals(Optional.of(unit))).findFirst();
    boolean both = plan.measures().size() == 2 && money.isPresent() && counted.isPresent();
    return both && !money.equals(counted) && plan.ranking().isEmpty() && plan.keeps().isEmpty()
        ? Optional.of(
            plan.withSort(Optional.empty())
                .withMeasures(
                    List.of(
                        new Measure.Arithmetic(
                            Measure.Operator.DIVIDED_BY,
                            money.get(),
                            counted.get(),
                            BigDecimal.ONE))))
        : Optional.empty();
  }

  /** The only amount of money of rows, where no rows that point at them have amounts as well. */
  private Optional<Measure> worthOf(String table) {
    boolean inParts =
        scope.model().tables().stream()
            .filter(t -> t.links().stream().anyMatch(l -> l.to().equals(table)))
            .anyMatch(t -> !scope.measuredBy(t.name(), Dimensions.MONEY).isEmpty());
    return inParts ? Optional.empty() : Columns.totalMoney(table, scope);
  }

  /** With the metric in the place of numbers of the same rows. */
  private Plan counting(Plan plan, Contribution.Qualified qualified) {
    Measure.Plain some = new Measure.MetricValue(qualified.metric());
    Optional<String> table = scope.model().metric(qualified.metric()).table();
    return plan.withMeasures(
        plan.measures().stream()
            .map(
                m ->
                    m instanceof Measure.RowCount count && Optional.of(count.table()).equals(table)
                        ? qualified.share()
                            ? new Measure.Arithmetic(Measure.Operator.DIVIDED_BY, some, count)
                            : some
                        : m)
            .distinct()
            .toList());
  }

  /** With more values of a column that the plan is limited to, each for itself. */
  private static Optional<Plan> beside(Plan plan, Phrase.Values more) {
    List<Filter> filters = new ArrayList<>();
    for (Filter filter : plan.filters()) {
      boolean same =
          filter instanceof Filter.InValues in
              && !in.negated()
              && in.column().equals(more.column())
              && !in.values().containsAll(more.stored());
      if (same) {
        filters.add(((Filter.InValues) filter).or(more.stored()));
      } else {
        filters.add(filter);
      }
    }
    if (filters.equals(plan.filters()) || plan.listing().isPresent()) {
      return Optional.empty();
    }
    List<Grouping> groupings = new ArrayList<>(plan.groupings());
    Grouping by = new Grouping.ByColumn(more.column());
    if (!groupings.contains(by)) {
      groupings.add(by);
    }
    return Optional.of(plan.withFilters(filters).withGroupings(groupings));
  }

  /** The list with one more at its end. */
  static <T> List<T> with(List<T> some, T more) {
    List<T> all = new ArrayList<>(some);
    all.add(more);
    return all;
  }

  static Optional<Plan> ifChanged(Plan plan, Plan changed) {
    return changed.equals(plan) ? Optional.empty() : Optional.of(changed);
  }

  /** "occupancy instead of revenue": the only measure may go, for another comes. */
  private static Optional<Plan> lastMeasureOf(Plan plan, Contribution.Replacing replacing) {
    return replacing.old() instanceof Contribution.Measures old
            && (replacing.with() instanceof Contribution.Measures
                || replacing.with() instanceof Contribution.Noun)
            && plan.measures().stream().allMatch(m -> old.measures().contains(basis(m)))
        ? Optional.of(plan)
        : Optional.empty();
  }

  /** What a measure is about, apart from how it is told. */
  static Measure basis(Measure measure) {
    if (measure instanceof Measure.Figure figure) {
      return basis(figure.of());
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return narrowed.of();
    }
    return measure instanceof Measure.Portion portion ? portion.of() : measure;
  }

  private static Measure withKind(Measure measure, Measure.Kind kind) {
    boolean plainKind = kind != Measure.Kind.PERCENTILE;
    if (plainKind && measure instanceof Measure.Statistic statistic) {
      return Measure.Statistic.of(kind, statistic.column());
    } else if (plainKind && measure instanceof Measure.OverParts over) {
      return new Measure.OverParts(kind, over.of(), over.part());
    }
    return plainKind
            && kind != Measure.Kind.STANDARD_DEVIATION
            && measure instanceof Measure.Duration duration
        ? new Measure.Duration(kind, duration.from(), duration.to())
        : measure;
  }

  private Optional<Plan> dropped(Plan plan, Contribution what) {
    if (what instanceof Contribution.Measures more) {
      return withoutMeasures(plan, m -> more.measures().contains(basis(m)));
    } else if (what instanceof Contribution.Moved) {
      return withoutMeasures(plan, Measure.Compared.class::isInstance);
    } else if (what instanceof Contribution.Groupings more) {
      return ifChanged(plan, withoutAny(plan, more.groupings()));
    } else if (what instanceof Contribution.Narrowing narrowing) {
      return ifChanged(plan, less(plan, narrowing.filter()));
    } else if (what instanceof Contribution.Noun noun) {
      return withoutNoun(plan, noun.table());
    } else if (what instanceof Contribution.Shown) {
      return ifChanged(plan, plan.withPicture(Optional.empty()));
    } else if (what instanceof Contribution.Order) {
      return ifChanged(plan, plan.withSort(Optional.empty()));
    } else if (what instanceof Contribution.Ranked) {
      return ifChanged(plan, plan.withRanking(Optional.empty()));
    }
    return what instanceof Contribution.Keeping
        ? ifChanged(plan, plan.withKeeps(List.of()))
        : Optional.empty();
  }

  private Optional<Plan> withoutNoun(Plan plan, String table) {
    Optional<ColumnRef> name = scope.namingColumn(table);
    Plan less = name.map(c -> withoutAny(plan, List.of(new Grouping.ByColumn(c)))).orElse(plan);
    return ifChanged(plan, less)
        .or(() -> withoutMeasures(plan, m -> basis(m).equals(new Measure.RowCount(table))));
  }

  private static Optional<Plan> withoutMeasures(Plan plan, Predicate<Measure> goes) {
    List<Measure> left = plan.measures().stream().filter(goes.negate()).toList();
    if (left.isEmpty() || left.size() == plan.measures().size()) {
      return Optional.empty();
    }
    boolean ranks = plan.ranking().filter(r -> left.contains(r.by())).isPresent();
    Plan less = plan.withMeasures(left).withSort(sortOf(plan, left, plan.groupings()));
    return Optional.of(ranks ? less : less.withRanking(Optional.empty()));
  }

  private static Optional<Plan.Sort> sortOf(
      Plan plan, List<Measure> measures, List<Grouping> groupings) {
    return plan.sort()
        .filter(
            s ->
                s.by() instanceof Measure m
                    ? measures.contains(m)
                    : groupings.contains((Grouping) s.by()));
  }

  /**
   * Without breakdowns that are alike; where there is none, without filters of the same columns.
   */
  private Plan withoutAny(Plan plan, List<Grouping> groupings) {
    Plan less = withGroupings(plan, g -> groupings.stream().noneMatch(o -> isSame(g, o)));
    return less.equals(plan) ? groupings.stream().reduce(plan, this::unlimited, (a, b) -> b) : less;
  }

  static boolean isSame(Grouping one, Grouping other) {
    return one instanceof Grouping.ByColumn a && other instanceof Grouping.ByColumn b
        ? a.column().withoutRole().equals(b.column().withoutRole())
        : one instanceof Grouping.ByTime c && other instanceof Grouping.ByTime d
            ? c.unit() == d.unit()
            : one.equals(other);
  }

  static Plan withGroupings(Plan plan, Predicate<Grouping> stays) {
    List<Grouping> left = plan.groupings().stream().filter(stays).toList();
    Plan less =
        plan.withGroupings(left)
            .withSort(sortOf(plan, plan.measures(), left))
            .withRanking(
                plan.ranking()
                    .map(
                        r ->
                            new Plan.Ranking(
                                r.top(), r.count(), r.by(), r.within().filter(left::contains))));
    return left.isEmpty() ? less.withRanking(Optional.empty()).withKeeps(List.of()) : less;
  }

  private static Plan dropped(Plan plan, Contribution.PlanPart kind) {
    return switch (kind) {
      case FILTERS -> plan.withFilters(List.of()).withKeeps(List.of());
      case GROUPINGS -> withGroupings(plan, g -> false);
      case ORDER -> plan.withSort(Optional.empty()).withRanking(Optional.empty());
      case PERIOD -> withFilters(plan, f -> !(f instanceof Filter.InPeriod));
    };
  }

  static Plan withFilters(Plan plan, Predicate<Filter> stays) {
    return plan.withFilters(plan.filters().stream().filter(stays).toList());
  }

  /** Without what limits the rows to some of these groups. */
  private Plan unlimited(Plan plan, Grouping what) {
    if (what instanceof Grouping.ByTime) {
      return withFilters(
          plan, f -> !(f instanceof Filter.InPeriod) && !(f instanceof Filter.Recurring));
    } else if (what instanceof Grouping.ByColumn by) {
      ColumnRef column = by.column().withoutRole();
      Plan less = withFilters(plan, f -> !isOf(f, column));
      boolean ranked = less.groupings().stream().anyMatch(g -> isSame(g, what));
      return ranked ? less.withRanking(Optional.empty()).withKeeps(List.of()) : less;
    }
    return plan;
  }

  /** Only groups whose first measure compares so; empty where it cannot. */
  private Optional<Plan> kept(Plan plan, Phrase.Comparing comparing) {
    if (plan.groupings().isEmpty() || plan.measures().isEmpty()) {
      return Optional.empty();
    }
    Measure measure = plan.measures().get(0);
    return Keeps.compared(measure, comparing, scope)
        .map(
            keep ->
                plan.withKeeps(
                    Stream.concat(
                            plan.keeps().stream().filter(k -> !k.measure().equals(measure)),
                            Stream.of(keep))
                        .toList()));
  }

  static boolean isOf(Filter filter, ColumnRef column) {
    return filter.narrowedColumn().map(ColumnRef::withoutRole).equals(Optional.of(column));
  }

  /** Without a filter; without some of the values of one. */
  private static Plan less(Plan plan, Filter what) {
    List<Filter> left = new ArrayList<>();
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InValues in
          && what instanceof Filter.InValues some
          && in.column().withoutRole().equals(some.column().withoutRole())
          && !in.negated()) {
        List<String> values = in.values().stream().filter(v -> !some.values().contains(v)).toList();
        if (!values.isEmpty()) {
          left.add(new Filter.InValues(in.column(), values, false));
        }
      } else if (!isWithout(filter, what)) {
        left.add(filter);
      }
    }
    return plan.withFilters(left);
  }

  private static boolean isWithout(Filter filter, Filter what) {
    if (filter instanceof Filter.InPeriod in && what instanceof Filter.InPeriod period) {
      return in.period().equals(period.period());
    } else if (filter instanceof Filter.Meets meets && what instanceof Filter.Meets other) {
      return meets.table().equals(other.table()) && meets.condition().equals(other.condition());
    } else if (filter instanceof Filter.Recurring a && what instanceof Filter.Recurring b) {
      return a.part() == b.part() && a.numbers().equals(b.numbers());
    }
    return filter.equals(what)
        || filter.getClass() == what.getClass()
            && !(filter instanceof Filter.InValues)
            && filter.narrowedColumn().isPresent()
            && filter.narrowedColumn().equals(what.narrowedColumn());
  }

  /** Rows that have none of it, where the plan itself has nothing of the kind to take away. */
  Optional<Contribution> excluding(Contribution what) {
    if (what instanceof Contribution.Noun noun) {
      return Optional.of(new Contribution.RelatedApart(noun.table(), List.of(), true));
    } else if (what instanceof Contribution.Narrowing narrowing) {
      return negated(narrowing.filter()).map(Contribution.Narrowing::new);
    }
    return Optional.empty();
  }

  static Optional<Filter> negated(Filter filter) {
    if (filter instanceof Filter.InValues f && !f.negated()) {
      return Optional.of(new Filter.InValues(f.column(), f.values(), true));
    } else if (filter instanceof Filter.InPeriod f && !f.negated()) {
      return Optional.of(new Filter.InPeriod(f.period(), f.date(), true));
    } else if (filter instanceof Filter.Meets f && !f.negated()) {
      return Optional.of(new Filter.Meets(f.table(), f.condition(), true));
    } else if (filter instanceof Filter.Recurring f && !f.negated()) {
      return Optional.of(new Filter.Recurring(f.part(), f.numbers(), f.date(), true));
    }
    return filter instanceof Filter.IsTrue f && !f.negated()
        ? Optional.of(new Filter.IsTrue(f.column(), true))
        : Optional.empty();
  }

  private static Optional<Plan> resized(Plan plan, int count) {
    if (plan.ranking().isPresent()) {
      Plan.Ranking r = plan.ranking().get();
      return ifChanged(
          plan,
          plan.withRanking(Optional.of(new Plan.Ranking(r.top(), count, r.by(), r.within()))));
    }
    return plan.listing()
        .filter(l -> l.order().isPresent())
        .map(
            l ->
                plan.withListing(
                    new Listing(l.table(), l.columns(), l.order(), Optional.of(count), l.per())));
  }

  /** The rows in the other direction. */
  Optional<Plan> otherWay(Plan plan) {
    if (plan.sort().isPresent()) {
      Plan.Sort sort = plan.sort().get();
      return Optional.of(plan.withSort(Optional.of(new Plan.Sort(sort.by(), !sort.descending()))));
    } else if (plan.listing().isPresent()) {
      Listing l = plan.listing().get();
      Optional<Listing.Order> order =
          l.order()
              .map(Listing.Order::reversed)
              .or(() -> scope.namingColumn(l.table()).map(c -> new Listing.Order(c, true)));
      return Optional.of(
          plan.withListing(new Listing(l.table(), l.columns(), order, l.count(), l.per())));
    } else if (plan.groupings().isEmpty()) {
      return Optional.empty();
    }
    Grouping first = plan.groupings().get(0);
    boolean highestFirst =
        plan.ranking().map(Plan.Ranking::top).orElse(!(first instanceof Grouping.ByTime));
    Plan.Sort sort =
        first instanceof Grouping.ByTime && plan.ranking().isEmpty()
            ? new Plan.Sort(first, true)
            : new Plan.Sort(plan.measures().get(0), !highestFirst);
    return Optional.of(plan.withSort(Optional.of(sort)));
  }

  /** "hut instead of valley": a noun in the place of a breakdown is one. */
  Contribution inPlace(Contribution with, Plan before, Plan left) {
    boolean brokenDownLess = left.groupings().size() < before.groupings().size();
    return with instanceof Contribution.Noun noun && brokenDownLess
        ? scope
            .namingColumn(noun.table())
            .<Contribution>map(c -> new Contribution.Groupings(List.of(new Grouping.ByColumn(c))))
            .orElse(with)
        : with;
  }

  /** Only how the measures moved, where they stand beside an earlier time; else empty. */
  Optional<Plan> comparedOnly(Plan plan, Contribution.Telling how) {
    Measure.Move move =
        how == Contribution.Telling.CHANGE
            ? Measure.Move.CHANGE
            : how == Contribution.Telling.GROWTH ? Measure.Move.GROWTH : null;
    List<Measure> moved =
        plan.measures().stream()
            .filter(Measure.Compared.class::isInstance)
            .map(Measure.Compared.class::cast)
            .<Measure>map(c -> new Measure.Compared(move, c.of(), c.earlier()))
            .distinct()
            .toList();
    return move == null || moved.isEmpty()
        ? Optional.empty()
        : Optional.of(plan.withMeasures(moved).withSort(sortOf(plan, moved, plan.groupings())));
  }

  /** The measures of before, told in another way; empty when they cannot be. */
  Optional<Contribution> toldAs(Plan plan, Contribution.Telling how) {
    Optional<Measure.Plain> of =
        plan.measures().stream()
            .map(m -> m instanceof Measure.Figure figure ? figure.of() : m)
            .filter(Measure.Plain.class::isInstance)
            .map(Measure.Plain.class::cast)
            .findFirst();
    return of.map(
        m ->
            switch (how) {
              case CUMULATIVE -> new Contribution.Measures(List.of(new Measure.Cumulative(m)));
              case RANK -> new Contribution.Measures(List.of(m, new Measure.Rank(m)));
              case CHANGE -> new Contribution.Moved(Measure.Move.CHANGE, m);
              case GROWTH -> new Contribution.Moved(Measure.Move.GROWTH, m);
            });
  }

  /** A share of all, of numbers that are not split: what the filters keep, of all in that time. */
  Optional<Contribution> portion(Plan plan) {
    List<Filter> parts =
        plan.filters().stream().filter(f -> !(f instanceof Filter.InPeriod)).toList();
    boolean one =
        plan.groupings().isEmpty()
            && plan.measures().size() == 1
            && plan.measures().get(0) instanceof Measure.Basic;
    return one && !parts.isEmpty()
        ? Optional.of(
            new Contribution.Measures(
                List.of(new Measure.Portion((Measure.Basic) plan.measures().get(0), parts))))
        : Optional.empty();
  }

  /** What is said, put so that it goes with what is left of the plan before. */
  Contribution fittedTo(Plan left, Plan before, Contribution said) {
    if (said instanceof Contribution.Order order
        && left.listing().isPresent()
        && order.by().isPresent()
        && order.by().get() instanceof Measure.Statistic statistic) {
      // "sort by altitude" of rows that are listed: by the column itself.
      Listing.Order by = new Listing.Order(statistic.column(), order.descending().orElse(false));
      return new Contribution.FirstRows(by, left.listing().get().count());
    } else if (said instanceof Contribution.Order order
        && left.listing().isPresent()
        && order.by().isEmpty()
        && order.descending().isPresent()) {
      return lists.inOrder(left.listing().get(), order.descending().get()).orElse(said);
    } else if (said instanceof Contribution.Ranked ranked
        && ranked.by().isEmpty()
        && ranked.what().isEmpty()
        && ranked.percent().isEmpty()
        && left.listing().flatMap(Listing::order).isPresent()) {
      // "top 5" of rows that stand in an order: so many of them, from that end or the other.
      Listing.Order order = left.listing().get().order().get();
      boolean other =
          ranked.direction() == Contribution.Direction.BOTTOM
              || ranked.direction() == Contribution.Direction.WORST;
      return new Contribution.FirstRows(
          new Listing.Order(order.by(), order.descending() != other), Optional.of(ranked.count()));
    } else if (said instanceof Contribution.Ranked ranked
        && ranked.by().isEmpty()
        && left.measures().size() > 1) {
      return ranked.by(left.measures().get(0));
    } else if (said instanceof Contribution.Counting
        && before.listing().isEmpty()
        && ListEdits.counts(before)) {
      return new Contribution.Measures(before.measures());
    } else if (said instanceof Contribution.Counting && before.listing().isPresent()) {
      return new Contribution.Measures(
          List.of(new Measure.RowCount(before.listing().get().table())));
    }
    return said;
  }

  /** The measures themselves, in place of how they are told. */
  Plan withoutFigures(Plan plan) {
    List<Measure> plain =
        plan.measures().stream()
            .<Measure>map(m -> m instanceof Measure.Figure figure ? figure.of() : m)
            .distinct()
            .toList();
    Plan less = plan.withMeasures(plain).withSort(sortOf(plan, plain, plan.groupings()));
    return less.ranking().filter(r -> !plain.contains(r.by())).isPresent()
        ? less.withRanking(Optional.empty())
        : less;
  }

  Plan withoutClaim(Plan plan) {
    return plan.claim().isEmpty()
        ? plan
        : new Plan(
            plan.measures(),
            plan.groupings(),
            plan.filters(),
            plan.keeps(),
            plan.ranking(),
            plan.sort(),
            plan.listing(),
            Optional.empty(),
            plan.picture());
  }
}
