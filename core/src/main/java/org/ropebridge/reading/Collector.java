package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Takes in what the contributions of a sequence say, one after the other. */
final class Collector {
  final Collected said;
  private final Scope scope;
  private final Model model;

  /** What was said in the question before, which this one leans on. */
  private final Optional<Assembly.Before> before;

  private boolean afterMeasure;

  /** The noun right before, which may be counted beside what follows. */
  private Optional<String> nounBefore = Optional.empty();

  Collector(Collected said, Optional<Assembly.Before> before, Scope scope) {
    this.said = said;
    this.scope = scope;
    this.model = scope.model();
    this.before = before;
  }

  boolean take(Contribution contribution, boolean joined) {
    boolean counts = contribution instanceof Contribution.Measures && joined;
    if (counts && nounBefore.isPresent() && said.measures.isEmpty()) {
      // "stays and revenue by channel": how many stays, as well.
      said.addMeasure(new Measure.RowCount(nounBefore.get()));
    }
    nounBefore =
        contribution instanceof Contribution.Noun noun
            ? Optional.of(noun.table())
            : Optional.empty();
    boolean taken = add(contribution, joined);
    boolean joinedNoun = contribution instanceof Contribution.Noun && joined && afterMeasure;
    afterMeasure = contribution instanceof Contribution.Measures || joinedNoun;
    return taken;
  }

  /** Edits of an answer are no parts of a plan, and are left to who edits. */
  boolean add(Contribution contribution, boolean joined) {
    return contribution instanceof Contribution.Edit || Takings.take(this, contribution, joined);
  }

  void narrowing(Contribution.Narrowing narrowing) {
    if (said.groupings.isEmpty()) {
      said.narrowedFirst.add(narrowing.filter());
    }
    if (narrowing.bare() && narrowing.filter() instanceof Filter.Missing date && date.negated()) {
      said.done.put(date, date.column());
    }
    if (narrowing.bare()) {
      dated(narrowing.filter());
    }
    boolean part =
        narrowing.bare()
            && !said.shares.isEmpty()
            && said.shares.get(said.shares.size() - 1).part().isEmpty();
    if (part) {
      said.ofShare.add(narrowing.filter());
    } else {
      narrow(narrowing.filter());
    }
    if (narrowing.anyYear()) {
      said.anyYear.add(narrowing.filter());
    }
  }

  /** "deals won in May": when they were won, and not when they were opened. */
  void dated(Filter filter) {
    scope.dated().of(filter).ifPresent(date -> said.done.put(filter, date));
  }

  boolean inShares(Contribution.InShares shares) {
    said.inShares = true;
    return shares.within().isEmpty()
        || once(said.within.isEmpty(), () -> said.within = shares.within());
  }

  boolean opposed(Contribution.Opposed opposed, boolean joined) {
    said.opposed = true;
    opposed.noun().ifPresent(n -> noun(n, joined));
    ColumnRef column = opposed.values().column();
    Filter filter = new Filter.InValues(column, opposed.values().stored(), false);
    dated(filter);
    narrow(filter);
    said.addGrouping(new Grouping.ByColumn(column));
    return true;
  }

  boolean onceCompared(Runnable take) {
    return once(said.versus.isEmpty() && said.versusTime.isEmpty(), take);
  }

  boolean endRows(Contribution.EndRows rows) {
    return once(said.endRows.isEmpty(), () -> said.endRows = Optional.of(rows));
  }

  boolean relateApart(Contribution.RelatedApart related) {
    Optional<String> anchor = anchorOf(related.table());
    anchor.ifPresent(
        a ->
            relate(
                new Contribution.Related(
                    a,
                    scope.pointing(related.table(), a).orElse(related.table()),
                    related.filters(),
                    related.negated())));
    return anchor.isPresent();
  }

  /** "of the huts in Ossel, which one": the huts, where nothing else was said of. */
  boolean subjectBefore() {
    Optional<ColumnRef> name =
        said.nouns.size() == 1 && said.subjects.isEmpty() && said.measures.isEmpty()
            ? scope.namingColumn(said.nouns.get(0))
            : Optional.empty();
    name.ifPresent(
        column -> {
          said.nouns.clear();
          said.countedNouns.clear();
          said.subjects.add(new Contribution.Subject(new Grouping.ByColumn(column), false));
        });
    return name.isPresent();
  }

  /** "live in Ossel": of the people who were said, where they have such a place at all. */
  boolean ofItself(Filter.InValues filter) {
    String table = filter.column().table();
    List<String> about = about();
    boolean reached =
        about.isEmpty() || about.stream().anyMatch(a -> a.equals(table) || isOneWay(a, table));
    return reached && narrow(filter);
  }

  /** What the question is about so far, where rows of the table point at it. */
  private Optional<String> anchorOf(String table) {
    return about().stream()
        .filter(a -> scope.pointing(table, a).filter(p -> isOneWay(p, a)).isPresent())
        .findFirst();
  }

  /** The tables whose rows the question is about so far. */
  private List<String> about() {
    List<String> candidates = new ArrayList<>();
    said.subjects.forEach(
        s -> {
          if (s.what() instanceof Grouping.ByColumn by && model.namesItsTable(by.column())) {
            candidates.add(by.column().table());
          }
        });
    candidates.addAll(said.nouns);
    said.measures.stream()
        .filter(Measure.RowCount.class::isInstance)
        .forEach(m -> candidates.add(((Measure.RowCount) m).table()));
    before.ifPresent(b -> candidates.addAll(shownBy(b.plan())));
    return candidates;
  }

  private boolean isOneWay(String from, String to) {
    return scope.paths().shortest(from, to, Optional.empty()).size() == 1;
  }

  /** The tables whose rows a plan names or counts. */
  private List<String> shownBy(Plan plan) {
    List<String> tables = new ArrayList<>();
    plan.listing().ifPresent(l -> tables.add(l.table()));
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn by && model.namesItsTable(by.column())) {
        tables.add(by.column().table());
      }
    }
    for (Measure measure : plan.measures()) {
      if (measure instanceof Measure.RowCount count) {
        tables.add(count.table());
      }
    }
    return tables;
  }

  static boolean once(boolean free, Runnable take) {
    if (free) {
      take.run();
    }
    return free;
  }

  boolean measures(List<Measure> more, boolean joined) {
    boolean another =
        !said.measures.isEmpty() || said.ranked.flatMap(Contribution.Ranked::by).isPresent();
    if (another && !joined) {
      said.penalty += scope.weights().measuresNotJoined();
      said.unjoined = true;
    }
    more.forEach(said::addMeasure);
    said.segments.add(new Collected.Segment(more));
    return true;
  }

  boolean noun(String table, boolean joined) {
    said.nouns.add(table);
    if (said.measures.isEmpty()) {
      said.nounsFirst.add(table);
    }
    if (afterMeasure && joined) {
      said.addMeasure(new Measure.RowCount(table));
      said.segments.add(new Collected.Segment(List.of(new Measure.RowCount(table))));
    } else if (said.countedNouns.isEmpty() && said.measures.isEmpty() || joined) {
      said.countedNouns.add(table);
      said.segments.add(new Collected.Segment(List.of(new Measure.RowCount(table))));
    }
    return true;
  }

  /** "at both Ossel and Quill": rows point from the one, and rows point from the other. */
  boolean both(Contribution.BothOf both) {
    if (said.related.isEmpty()) {
      return false;
    }
    Collected.Related last = said.related.get(said.related.size() - 1);
    boolean about =
        !last.negated() && Conditions.isAbout(both.first(), last.table(), last.anchor(), scope);
    if (about) {
      List<Filter> others = new ArrayList<>(last.filters());
      last.filters().add(both.first());
      others.add(both.second());
      said.related.add(new Collected.Related(last.anchor(), last.table(), others, false));
    }
    return about;
  }

  void relate(Contribution.Related related) {
    said.nouns.add(related.anchor());
    said.related.add(
        new Collected.Related(
            related.anchor(),
            related.table(),
            new ArrayList<>(related.filters()),
            related.negated()));
  }

  void tell(Optional<String> table, Plan.Keep keep, List<Filter> among) {
    if (said.told.isPresent()) {
      said.keeps.add(said.told.get().keep());
      said.told.get().filters().forEach(said::addFilter);
    }
    said.told = Optional.of(new Collected.Told(table, keep, new ArrayList<>(among)));
  }

  /** "by account group": behind a breakdown hardly anybody asks to be shown something. */
  void show() {
    said.showing = true;
    said.penalty += said.groupings.isEmpty() ? 0 : scope.weights().lateAsking();
  }

  boolean narrow(Filter filter) {
    boolean taken = !said.related.isEmpty() && aboutRelated(filter);
    if (!taken && said.told.filter(t -> isOfTold(filter, t)).isPresent()) {
      said.told.get().filters().add(filter);
    } else if (!taken) {
      said.segments.get(said.segments.size() - 1).filters().add(filter);
    }
    return true;
  }

  /** "members with more than 5 stays at Larkspur in 2025": what is said behind is of the stays. */
  private boolean isOfTold(Filter filter, Collected.Told told) {
    if (filter instanceof Filter.InPeriod) {
      return true;
    }
    Set<String> rows = MeasureTables.of(told.keep().measure(), model);
    Optional<String> anchor =
        told.table()
            .or(() -> said.nouns.stream().findFirst())
            .or(
                () ->
                    said.measures.stream()
                        .filter(Measure.RowCount.class::isInstance)
                        .map(m -> ((Measure.RowCount) m).table())
                        .findFirst());
    return rows.size() == 1
        && anchor
            .filter(a -> !rows.contains(a))
            .filter(a -> Conditions.isAbout(filter, rows.iterator().next(), a, scope))
            .isPresent();
  }

  /**
   * Takes a filter as one of the rows that point: "no callouts this year". Said of two kinds of
   * rows it holds for both; a second time asks for rows at both: "in 2024 and again in 2025".
   */
  private boolean aboutRelated(Filter filter) {
    Collected.Related last = said.related.get(said.related.size() - 1);
    if (!Conditions.isAbout(filter, last.table(), last.anchor(), scope)) {
      return false;
    }
    Optional<Filter> kept = last.negated() ? Optional.empty() : notBeside(filter, last.filters());
    if (kept.isPresent()) {
      List<Filter> others = new ArrayList<>(last.filters());
      others.removeIf(f -> isOfKind(f, kept.get()));
      others.add(kept.get());
      said.related.add(new Collected.Related(last.anchor(), last.table(), others, true));
      return true;
    }
    boolean secondTime =
        filter instanceof Filter.InPeriod
            && last.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    if (secondTime) {
      said.penalty += scope.weights().secondTime();
      List<Filter> others = new ArrayList<>(last.filters());
      others.removeIf(Filter.InPeriod.class::isInstance);
      others.add(filter);
      said.related.add(new Collected.Related(last.anchor(), last.table(), others, last.negated()));
      return true;
    }
    last.filters().add(filter);
    if (said.bothRelated) {
      Collected.Related first = said.related.get(said.related.size() - 2);
      if (Conditions.isAbout(filter, first.table(), first.anchor(), scope)) {
        first.filters().add(filter);
      }
    }
    return true;
  }

  /** "in 2024 but not in 2025": what no row may be, where another of its kind asks for rows. */
  private static Optional<Filter> notBeside(Filter filter, List<Filter> others) {
    boolean negated =
        filter instanceof Filter.InPeriod time && time.negated()
            || filter instanceof Filter.InValues in && in.negated();
    Optional<Filter> positive = negated ? filter.leftOut() : Optional.empty();
    return positive.filter(p -> others.stream().anyMatch(o -> isOfKind(o, p)));
  }

  private static boolean isOfKind(Filter filter, Filter other) {
    return filter instanceof Filter.InPeriod a
            && other instanceof Filter.InPeriod b
            && a.date().equals(b.date())
            && !a.negated()
        || filter instanceof Filter.InValues c
            && other instanceof Filter.InValues d
            && c.column().equals(d.column())
            && !c.negated();
  }
}
