package org.ropebridge.reading;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;

/** What a {@link Collector} does with each kind of contribution. */
final class Takings {
  /** How each kind of contribution is taken in. */
  private static final Map<Class<?>, Taking<Contribution>> ALL = new HashMap<>();

  static {
    figures();
    groups();
    narrowing();
    comparisons();
    relations();
    lists();
    manners();
  }

  /** Takes a contribution in; false when it cannot stand beside what was said before. */
  @FunctionalInterface
  private interface Taking<C extends Contribution> {
    boolean take(Collector to, C what, boolean joined);
  }

  private static <C extends Contribution> void on(Class<C> kind, Taking<C> taking) {
    ALL.put(kind, (to, what, joined) -> taking.take(to, kind.cast(what), joined));
  }

  /** For what can always be said. */
  private static <C extends Contribution> void always(
      Class<C> kind, BiConsumer<Collector, C> take) {
    on(
        kind,
        (to, what, joined) -> {
          take.accept(to, what);
          return true;
        });
  }

  /** Whether contributions of this kind are known. */
  static boolean isKnown(Class<?> kind) {
    return ALL.containsKey(kind);
  }

  /** Lets the collector take the contribution; false when it cannot stand beside the others. */
  static boolean take(Collector to, Contribution what, boolean joined) {
    return ALL.get(what.getClass()).take(to, what, joined);
  }

  private static void figures() {
    on(Contribution.Measures.class, (to, m, joined) -> to.measures(m.measures(), joined));
    on(
        Contribution.MeasureWith.class,
        (to, m, joined) -> {
          to.measures(List.of(m.measure()), joined);
          return to.narrow(m.filter());
        });
    on(
        Contribution.SpannedMeasure.class,
        (to, m, joined) -> {
          to.measures(List.of(m.measure()), joined);
          if (!to.said.isOverTime()) {
            to.said.addGrouping(m.spans());
          }
          return true;
        });
    always(
        Contribution.ShareOf.class,
        (to, share) -> {
          to.said.shares.add(share);
          share.part().ifPresent(to.said.ofShare::add);
          to.said.addMeasure(new Measure.Share(share.of(), Optional.empty()));
        });
    on(
        Contribution.DividedBy.class,
        (to, by, joined) ->
            Collector.once(
                to.said.divisor.isEmpty(), () -> to.said.divisor = Optional.of(by.divisor())));
    always(Contribution.Costs.class, (to, c) -> to.said.costs = true);
    always(Contribution.VersusByItself.class, (to, c) -> to.said.versusByItself = true);
    always(Contribution.Cumulated.class, (to, c) -> to.said.cumulated = true);
    on(Contribution.InShares.class, (to, shares, joined) -> to.inShares(shares));
    always(
        Contribution.Claimed.class,
        (to, claimed) -> {
          to.said.addMeasure(claimed.measure());
          to.said.claim = Optional.of(claimed.bound());
        });
    on(
        Contribution.Events.class,
        (to, events, joined) -> {
          to.measures(List.of(events.of()), joined);
          return Collector.once(
              to.said.events.isEmpty(), () -> to.said.events = Optional.of(events));
        });
  }

  private static void groups() {
    always(Contribution.Groupings.class, (to, g) -> g.groupings().forEach(to.said::addGrouping));
    on(
        Contribution.Within.class,
        (to, within, joined) ->
            Collector.once(
                to.said.within.isEmpty(), () -> to.said.within = Optional.of(within.grouping())));
    on(
        Contribution.Ranked.class,
        (to, ranked, joined) ->
            Collector.once(to.said.ranked.isEmpty(), () -> to.said.ranked = Optional.of(ranked)));
    on(
        Contribution.OfRanked.class,
        (to, of, joined) ->
            Collector.once(to.said.ofRanked.isEmpty(), () -> to.said.ofRanked = Optional.of(of)));
    always(Contribution.RankMeasure.class, (to, rank) -> to.said.rankMeasures.add(rank.by()));
    always(Contribution.Subject.class, (to, subject) -> to.said.subjects.add(subject));
    always(Contribution.Extreme.class, (to, extreme) -> to.said.extremes.add(extreme));
    on(
        Contribution.Order.class,
        (to, order, joined) ->
            Collector.once(to.said.order.isEmpty(), () -> to.said.order = Optional.of(order)));
    on(
        Contribution.Ordered.class,
        (to, ordered, joined) -> {
          to.said.addGrouping(ordered.what());
          return to.measures(ordered.measures(), true);
        });
    on(Contribution.GroupsTold.class, (to, told, joined) -> groupsTold(to, told));
    on(
        Contribution.PlacesTold.class,
        (to, told, joined) -> {
          // "categories where returns rose" asks for categories, and for no places.
          boolean first =
              to.said.groupings.isEmpty() && to.said.subjects.isEmpty() && to.said.nouns.isEmpty();
          return first && groupsTold(to, told.groups());
        });
  }

  private static boolean groupsTold(Collector to, Contribution.GroupsTold told) {
    to.said.groupsTold = true;
    to.said.addGrouping(told.what());
    return to.measures(List.of(told.of()), true);
  }

  private static void narrowing() {
    always(Contribution.Narrowing.class, Collector::narrowing);
    always(
        Contribution.DoneAt.class,
        (to, done) -> {
          to.narrow(done.filter());
          to.said.done.put(done.filter(), done.date());
        });
    always(
        Contribution.Predicate.class,
        (to, predicate) -> {
          to.said.predicated.add(predicate.filter());
          if (to.said.shares.isEmpty()) {
            to.narrow(predicate.filter());
            to.dated(predicate.filter());
            predicate.done().ifPresent(d -> to.said.done.put(predicate.filter(), d));
          } else {
            to.said.predicates.add(predicate.filter());
          }
        });
    on(
        Contribution.Together.class,
        (to, all, joined) -> all.parts().stream().allMatch(p -> to.add(p, joined)));
    on(Contribution.Noun.class, (to, noun, joined) -> to.noun(noun.table(), joined));
    on(
        Contribution.NounWith.class,
        (to, noun, joined) -> to.noun(noun.table(), joined) && to.narrow(noun.filter()));
    // A noun by way of a role is a part of other contributions, and says nothing by itself.
    on(Contribution.NounVia.class, (to, noun, joined) -> false);
    on(
        Contribution.OnAverage.class,
        (to, average, joined) -> {
          to.said.onAverage = true;
          return true;
        });
    on(
        Contribution.NewRows.class,
        (to, rows, joined) -> {
          to.said.needsTime = true;
          to.said.newRows = Optional.of(rows.table());
          return to.noun(rows.table(), joined);
        });
  }

  private static void comparisons() {
    always(Contribution.Moved.class, (to, moved) -> to.said.moved.add(moved));
    always(
        Contribution.MovedBy.class,
        (to, moved) -> {
          to.said.moved.add(new Contribution.Moved(moved.move(), moved.of()));
          to.said.addGrouping(moved.by());
          to.said.assumptions.add(Assumption.rankedBy(moved.of()));
        });
    on(
        Contribution.Versus.class,
        (to, versus, joined) -> {
          to.said.versusOf = versus.of();
          to.said.ofSameDays |= versus.sameDays();
          return to.onceCompared(() -> to.said.versus = Optional.of(versus.earlier()));
        });
    on(
        Contribution.VersusTime.class,
        (to, versus, joined) -> to.onceCompared(() -> to.said.versusTime = Optional.of(versus)));
    on(
        Contribution.FromTo.class,
        (to, times, joined) ->
            Collector.once(to.said.fromTo.isEmpty(), () -> to.said.fromTo = Optional.of(times)));
    on(
        Contribution.Drifted.class,
        (to, drifted, joined) ->
            Collector.once(
                to.said.drifted.isEmpty(), () -> to.said.drifted = Optional.of(drifted)));
    on(
        Contribution.Comparative.class,
        (to, comparative, joined) ->
            Collector.once(
                to.said.comparative.isEmpty(),
                () -> to.said.comparative = Optional.of(comparative.contrast())));
    on(
        Contribution.ComparativeTo.class,
        (to, comparative, joined) -> {
          to.said.comparative = Optional.of(comparative.contrast());
          return to.onceCompared(
              () ->
                  to.said.versusTime =
                      Optional.of(
                          new Contribution.VersusTime(
                              comparative.time(), Contribution.With.NOTHING)));
        });
    on(Contribution.Opposed.class, (to, opposed, joined) -> to.opposed(opposed, joined));
    on(
        Contribution.BesideValues.class,
        (to, beside, joined) -> {
          beside.of().ifPresent(m -> to.measures(List.of(m), joined));
          return Collector.once(
              to.said.beside.isEmpty(), () -> to.said.beside = Optional.of(beside));
        });
    on(
        Contribution.OpposedFilters.class,
        (to, opposed, joined) ->
            Collector.once(
                to.said.opposedFilters.isEmpty(),
                () -> to.said.opposedFilters = Optional.of(opposed)));
  }

  private static void relations() {
    always(Contribution.Related.class, Collector::relate);
    on(Contribution.RelatedApart.class, (to, related, joined) -> to.relateApart(related));
    always(
        Contribution.RelatedBoth.class,
        (to, both) -> {
          to.relate(both.first());
          to.relate(both.second());
          to.said.bothRelated = true;
        });
    on(Contribution.SubjectBefore.class, (to, subject, joined) -> to.subjectBefore());
    on(Contribution.OfItself.class, (to, of, joined) -> to.ofItself(of.filter()));
    on(Contribution.BothOf.class, (to, both, joined) -> to.both(both));
    always(
        Contribution.Keeping.class,
        (to, keeping) -> {
          if (keeping.ofPlan()) {
            to.said.keeps.add(keeping.keep());
            keeping.among().forEach(to::narrow);
          } else {
            to.tell(Optional.empty(), keeping.keep(), keeping.among());
          }
        });
    on(
        Contribution.BesideOne.class,
        (to, one, joined) -> {
          to.said.addGrouping(new Grouping.ByColumn(one.column()));
          to.said.keeps.add(one.keep());
          to.said.besideOne = true;
          return to.measures(List.of(one.keep().measure()), joined);
        });
    always(Contribution.Again.class, (to, again) -> to.said.again.add(again.measure()));
    on(
        Contribution.CountedApart.class,
        (to, apart, joined) ->
            Collector.once(
                to.said.countedApart.isEmpty(),
                () -> to.said.countedApart = Optional.of(apart.metric())));
    on(
        Contribution.Standing.class,
        (to, standing, joined) ->
            Collector.once(
                to.said.standing.isEmpty(),
                () -> {
                  to.said.standing = Optional.of(standing);
                  to.said.besideOne = true;
                }));
    always(
        Contribution.Grouped.class,
        (to, grouped) -> to.tell(Optional.of(grouped.table()), grouped.keep(), grouped.among()));
  }

  private static void lists() {
    on(
        Contribution.Rows.class,
        (to, rows, joined) -> {
          rows.filters().forEach(to::narrow);
          return Collector.once(to.said.rows.isEmpty(), () -> to.said.rows = Optional.of(rows));
        });
    on(
        Contribution.Columns.class,
        (to, columns, joined) ->
            Collector.once(
                to.said.columns.isEmpty(), () -> to.said.columns = Optional.of(columns)));
    on(
        Contribution.FirstRows.class,
        (to, first, joined) ->
            Collector.once(
                to.said.firstRows.isEmpty(), () -> to.said.firstRows = Optional.of(first)));
    on(Contribution.EndRows.class, (to, end, joined) -> to.endRows(end));
    on(
        Contribution.EndRowsWith.class,
        (to, end, joined) -> to.narrow(end.filter()) && to.endRows(end.rows()));
  }

  /** How the answer is told. */
  private static void manners() {
    // "how many began and how many ended" asks for two numbers, of which one cannot be left out.
    on(
        Contribution.Counting.class,
        (to, c, joined) ->
            Collector.once(
                !to.said.counting && to.said.measures.isEmpty(), () -> to.said.counting = true));
    always(Contribution.Showing.class, (to, c) -> to.show());
    always(Contribution.OverTime.class, (to, c) -> to.said.overTime = true);
    always(Contribution.SideBySide.class, (to, c) -> to.said.sideBySide = true);
    always(Contribution.YesOrNo.class, (to, c) -> to.said.yesOrNo = true);
    on(
        Contribution.Shown.class,
        (to, shown, joined) -> {
          Optional<Plan.Picture> picture = Optional.of(shown.picture());
          return Collector.once(
              to.said.picture.isEmpty() || to.said.picture.equals(picture),
              () -> to.said.picture = picture);
        });
  }

  private Takings() {}
}
