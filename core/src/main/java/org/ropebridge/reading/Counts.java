package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Finds what is counted where no measure was said, and whether the nouns fit the measures. */
final class Counts {
  private final Collected said;
  private final Scope scope;
  private final Model model;
  private final LinkPaths paths;

  Counts(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
    this.model = scope.model();
    this.paths = scope.paths();
  }

  /** Without a measure, nouns are counted, and so are the rows of a named condition. */
  boolean inferMeasure() {
    if (!said.countedNouns.isEmpty()) {
      said.countedNouns.stream().distinct().map(Measure.RowCount::new).forEach(said.measures::add);
      said.measures.forEach(
          m -> said.assumptions.add(Assumption.counted(((Measure.RowCount) m).table())));
      return true;
    }
    List<String> tables =
        said.filters.stream()
            .filter(Filter.Meets.class::isInstance)
            .map(f -> ((Filter.Meets) f).table())
            .distinct()
            .toList();
    Optional<String> preferred = model.preferences().topBy();
    boolean beside =
        said.opposed || said.sideBySide && said.filters.stream().anyMatch(Counts::hasParts);
    if (beside && said.nouns.isEmpty() && preferred.isPresent()) {
      Measure by = new Measure.MetricValue(preferred.get());
      said.measures.add(by);
      said.assumptions.add(Assumption.rankedBy(by));
      return true;
    }
    if (tables.size() == 1 && said.nouns.isEmpty()) {
      said.measures.add(new Measure.RowCount(tables.get(0)));
      said.assumptions.add(Assumption.counted(tables.get(0)));
      return true;
    }
    boolean split =
        (!said.groupings.isEmpty()
                || said.filters.stream().anyMatch(Filter.Compare.class::isInstance))
            && said.ranked.isEmpty();
    if (split && said.nouns.isEmpty() && countWhatFiltersAreAbout() && !isByItself()) {
      said.measures.add(new Measure.RowCount(said.nouns.get(0)));
      return true;
    }
    return false;
  }

  /** Whether the measure, or the noun whose rows it counts, is all that is asked for. */
  boolean isSaid(Measure measure) {
    boolean noun =
        measure instanceof Measure.RowCount count
            && said.measures.isEmpty()
            && said.nouns.stream().distinct().toList().equals(List.of(count.table()));
    return noun || said.measures.equals(List.of(measure));
  }

  /** Whether rows would be counted by their own name, of which each is one. */
  private boolean isByItself() {
    return said.groupings.stream()
        .anyMatch(
            g ->
                g instanceof Grouping.ByColumn by
                    && by.column().table().equals(said.nouns.get(0))
                    && model.namesItsTable(by.column()));
  }

  /**
   * "how many callouts in 2025 were serious": the metric that counts them, in place of the number
   * of all; of a share, by that number.
   *
   * @return false where neither the number nor the share of its rows is asked for
   */
  boolean tellApart(String metric) {
    String table = model.metric(metric).table().orElseThrow();
    Measure.Plain count = new Measure.RowCount(table);
    Measure.Plain apart = new Measure.MetricValue(metric);
    Contribution.ShareOf share = new Contribution.ShareOf(count, Optional.empty());
    if (said.shares.remove(share)) {
      Measure part = new Measure.Arithmetic(Measure.Operator.DIVIDED_BY, apart, count);
      said.measures.replaceAll(
          m -> m.equals(new Measure.Share(count, Optional.empty())) ? part : m);
      said.ofShare.forEach(said::addFilter);
      return true;
    }
    boolean counted = said.counting && said.nouns.equals(List.of(table));
    if (counted) {
      said.counting = false;
      said.measures.add(apart);
    } else if (said.measures.isEmpty() && said.nouns.contains(table)) {
      said.measures.add(apart);
    } else if (said.measures.contains(count)) {
      said.measures.replaceAll(m -> m.equals(count) ? apart : m);
    } else {
      return false;
    }
    return true;
  }

  /** Whether it keeps several things that can be put side by side. */
  private static boolean hasParts(Filter filter) {
    return filter instanceof Filter.InValues in && in.values().size() > 1
        || filter instanceof Filter.InPeriod time && time.period() instanceof Period.Range;
  }

  /** "are we busier than last year": the measure that the author prefers. */
  boolean preferMeasure() {
    Optional<Measure> by = model.preferences().topBy().map(Measure.MetricValue::new);
    by.ifPresent(
        m -> {
          said.measures.add(m);
          said.assumptions.add(Assumption.rankedBy(m));
          said.penalty += scope.weights().onlyValues();
        });
    return by.isPresent();
  }

  /** "how many adults", "how many good reviews": the rows that have such a value, or meet it. */
  boolean countWhatFiltersAreAbout() {
    List<Filter> telling =
        said.filters.stream()
            .filter(
                f ->
                    f instanceof Filter.InValues in
                            && !in.negated()
                            && !model.namesItsTable(in.column())
                        || f instanceof Filter.Compare
                        || f instanceof Filter.Meets meets && !meets.negated())
            .toList();
    List<String> tables =
        telling.stream().flatMap(f -> f.narrowedTable().stream()).distinct().toList();
    if (tables.size() != 1 || !said.measures.isEmpty()) {
      return false;
    }
    said.nouns.add(tables.get(0));
    said.assumptions.add(new Assumption.CountedFor(tables.get(0)));
    said.penalty += scope.weights().onlyValues();
    for (Filter filter : telling) {
      if (filter instanceof Filter.InValues in && in.values().size() > 1) {
        said.addGrouping(new Grouping.ByColumn(in.column()));
      }
    }
    return true;
  }

  /** A noun beside a measure must be what the measure is about, and must not narrow it. */
  boolean nounsFit() {
    for (String noun : said.nouns) {
      boolean counted =
          said.measures.stream()
              .flatMap(m -> MeasureTables.basics(m).stream())
              .anyMatch(new Measure.RowCount(noun)::equals);
      boolean fits = true;
      for (Measure measure : said.measures) {
        for (String base : MeasureTables.of(measure, model)) {
          boolean narrowed =
              isNarrowedBy(noun) && paths.shortest(base, noun, Optional.empty()).size() == 1;
          fits &= narrowed || scope.always(base, noun);
        }
      }
      if (!counted && !fits && !keepToRowsWith(noun)) {
        return false;
      }
      if (!counted && fits && isIdle(noun)) {
        if (!said.subjects.isEmpty() && said.ranked.isEmpty() && said.extremes.isEmpty()) {
          return false;
        }
        splitBy(noun);
      }
    }
    return true;
  }

  /** Whether nothing is done with a noun: rows are neither kept nor told apart by it. */
  private boolean isIdle(String noun) {
    return !isNarrowedBy(noun)
        && said.groupings.stream()
            .noneMatch(g -> g instanceof Grouping.ByColumn by && by.column().table().equals(noun));
  }

  /** "how do the valleys compare on revenue": a noun that comes first is what is looked at. */
  private void splitBy(String noun) {
    boolean compared = said.measures.stream().anyMatch(Measure.Compared.class::isInstance);
    if ((compared || said.sideBySide) && said.nounsFirst.contains(noun)) {
      scope
          .namingColumn(noun)
          .ifPresent(
              name -> {
                said.addGrouping(new Grouping.ByColumn(name));
                said.penalty += compared ? scope.weights().idleNoun() : 0;
              });
    }
  }

  /** "revenue from members": rows that have none of the noun's do not count. */
  private boolean keepToRowsWith(String noun) {
    Optional<ColumnRef> name = scope.namingColumn(noun);
    boolean reached =
        said.measures.stream()
            .flatMap(m -> MeasureTables.of(m, model).stream())
            .allMatch(base -> paths.shortest(base, noun, Optional.empty()).size() == 1);
    if (name.isEmpty() || !reached) {
      return false;
    }
    said.addFilter(new Filter.Missing(name.get(), true));
    return true;
  }

  /** Whether a filter already keeps to rows that have a row of the table. */
  private boolean isNarrowedBy(String table) {
    return said.filters.stream()
        .anyMatch(
            f ->
                f instanceof Filter.InValues in
                        && in.column().table().equals(table)
                        && !in.negated()
                    || f instanceof Filter.Compare c && c.column().table().equals(table)
                    || f instanceof Filter.Having h && h.anchor().equals(table)
                    || f instanceof Filter.Among a && a.column().table().equals(table)
                    || f instanceof Filter.Meets m && m.table().equals(table) && !m.negated());
  }
}
