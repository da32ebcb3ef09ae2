package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Phrase;
import org.ropebridge.reading.rule.Scope;

/** Sets values, times and parts of the rows side by side. */
final class Oppositions {
  private final Collected said;
  private final Scope scope;
  private final Model model;

  Oppositions(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
    this.model = scope.model();
  }

  /** "did Ossel take in more than Brannick": the one value is shown beside the other. */
  boolean setBeside(Phrase.Values others) {
    List<Filter.InValues> same =
        said.filters.stream()
            .filter(f -> f instanceof Filter.InValues)
            .map(f -> (Filter.InValues) f)
            .filter(f -> f.column().equals(others.column()) && !f.negated())
            .toList();
    if (same.size() != 1 || !said.groupings.isEmpty()) {
      return false;
    }
    List<String> all = new ArrayList<>(same.get(0).values());
    all.addAll(others.stored());
    said.filters.replaceAll(
        f -> f.equals(same.get(0)) ? new Filter.InValues(others.column(), all, false) : f);
    said.addGrouping(new Grouping.ByColumn(others.column()));
    said.opposed = true;
    said.yesOrNo = false;
    said.comparative = Optional.empty();
    return true;
  }

  /**
   * "which valley has more revenue, Ossel or Brannick": of values that are named, and not of times,
   * more is said; they are set side by side.
   */
  void compareNamed() {
    boolean times =
        said.versus.isPresent() || said.versusTime.isPresent() || said.fromTo.isPresent();
    List<Filter.InValues> several =
        said.filters.stream()
            .filter(f -> f instanceof Filter.InValues in && !in.negated() && in.values().size() > 1)
            .map(f -> (Filter.InValues) f)
            .toList();
    boolean told =
        said.comparative.isPresent()
            && said.drifted.isEmpty()
            && !(said.measures.isEmpty() && said.subjects.isEmpty());
    if (!told || times || several.size() != 1) {
      return;
    }
    Grouping by = new Grouping.ByColumn(several.get(0).column());
    boolean others =
        said.subjects.stream().anyMatch(s -> !s.what().equals(by))
            || said.groupings.stream().anyMatch(g -> !g.equals(by));
    if (!others) {
      said.subjects.clear();
      said.addGrouping(by);
      said.opposed = true;
      said.yesOrNo = false;
      said.comparative = Optional.empty();
    }
  }

  /** "compare ...": values and times that are named become groups. */
  void putSideBySide() {
    for (Filter filter : List.copyOf(said.filters)) {
      if (filter instanceof Filter.InValues in && !in.negated() && in.values().size() > 1) {
        said.addGrouping(new Grouping.ByColumn(in.column()));
      } else if (filter instanceof Filter.InPeriod in
          && in.period() instanceof Period.Range
          && said.groupings.stream().noneMatch(Grouping.ByTime.class::isInstance)) {
        scope
            .periods()
            .resolve(in.period())
            .wholeUnit()
            .ifPresent(u -> said.addGrouping(new Grouping.ByTime(u, Optional.empty())));
      }
    }
  }

  /** Every measure for the one part of the rows, and for the other. */
  boolean oppose(Contribution.OpposedFilters opposed) {
    if (said.measures.isEmpty() && opposed.first() instanceof Filter.Meets meets) {
      said.measures.add(new Measure.RowCount(meets.table()));
      said.assumptions.add(Assumption.counted(meets.table()));
    }
    if (said.measures.isEmpty() && opposed.first() instanceof Filter.InValues in) {
      // "Ossel against the other valleys": valleys are not what is counted.
      said.nouns.removeIf(in.column().table()::equals);
      said.countedNouns.removeIf(in.column().table()::equals);
    }
    Counts counts = new Counts(said, scope);
    boolean told =
        !said.measures.isEmpty()
            || counts.inferMeasure()
            || said.nouns.isEmpty() && counts.preferMeasure();
    if (!told) {
      return false;
    }
    if (!said.measures.stream().allMatch(Measure.Basic.class::isInstance)) {
      return false;
    }
    List<Measure> all = List.copyOf(said.measures);
    said.measures.clear();
    for (Measure measure : all) {
      Measure.Basic basic = (Measure.Basic) measure;
      said.addMeasure(new Measure.Narrowed(basic, List.of(opposed.first())));
      said.addMeasure(new Measure.Narrowed(basic, List.of(opposed.second())));
    }
    return true;
  }

  /** "is there more than last year": whether the measure's change is above nothing. */
  boolean contrast(Contrast contrast) {
    if (!said.yesOrNo || said.claim.isPresent() || !said.moved.isEmpty()) {
      return false;
    }
    Counts counts = new Counts(said, scope);
    if (said.measures.isEmpty() && !counts.inferMeasure() && !counts.preferMeasure()) {
      return false;
    }
    boolean timed =
        said.versus.isPresent()
            || said.versusTime.isPresent()
            || said.fromTo.isPresent()
            || said.filters.stream().anyMatch(Filter.InPeriod.class::isInstance);
    boolean one =
        said.measures.size() == 1
            && said.measures.get(0) instanceof Measure.Plain
            && said.groupings.isEmpty();
    if (!one) {
      return false;
    }
    if (!timed) {
      said.versus = Optional.of(new Measure.UnitBefore(Period.Unit.YEAR));
      said.addFilter(
          new Filter.InPeriod(Period.Relative.current(Period.Unit.YEAR), Optional.empty(), false));
      said.assumptions.add(new Assumption.ComparedYears());
    }
    Measure.Plain of = (Measure.Plain) said.measures.remove(0);
    said.moved.add(new Contribution.Moved(Measure.Move.CHANGE, of));
    boolean up =
        switch (contrast) {
          case MORE -> true;
          case LESS -> false;
          case BETTER -> GroupRanking.isTop(Contribution.Direction.BEST, of, scope);
          case WORSE -> GroupRanking.isTop(Contribution.Direction.WORST, of, scope);
        };
    said.claim =
        Optional.of(Bound.of(up ? Filter.Comparison.MORE_THAN : Filter.Comparison.LESS_THAN, 0));
    return true;
  }
}
