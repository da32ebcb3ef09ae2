package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.TimeUnit;

/** What figures are computed from: a measure, one in brackets, or a noun whose rows are counted. */
public final class Operands {
  /** What two numbers that share nothing but time are set side by side over. */
  private static final Optional<Grouping> MONTHS =
      Optional.of(new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()));

  private Operands() {}

  static boolean isOperand(Part part) {
    return part instanceof Contribution.Measures m
            && m.measures().size() == 1
            && m.measures().get(0) instanceof Measure.Plain
        || part instanceof Meaning.RowNoun;
  }

  static boolean isBasic(Part part) {
    return isOperand(part) && of(part) instanceof Measure.Basic;
  }

  /** Whether it is a number column by itself. */
  static boolean isBare(Part part) {
    return part instanceof Contribution.Measures m && m.bare();
  }

  static boolean isOperandOrColumn(Part part) {
    return isOperand(part) || part instanceof Meaning.ColumnName;
  }

  static Measure.Plain of(Part part) {
    return part instanceof Contribution.Measures m
        ? (Measure.Plain) m.measures().get(0)
        : new Measure.RowCount(((Meaning.RowNoun) part).table());
  }

  /** The measure of a part; of a number column, its average. */
  static Optional<Measure.Plain> find(Part part, Scope scope) {
    if (part instanceof Meaning.ColumnName name) {
      return scope.holds(name.column(), Column.Holds.NUMBER)
          ? Optional.of(Measure.Statistic.of(Measure.Kind.AVERAGE, name.column().withoutRole()))
          : Optional.empty();
    }
    return Optional.of(of(part));
  }

  /** A statistic of what adds up over parts that it can be taken over; empty for anything else. */
  static Optional<Part> overParts(
      Measure.Kind kind, Measure.Plain of, Phrase.Groupable parts, Scope scope) {
    return of instanceof Measure.Statistic
        ? Optional.empty()
        : over(kind, of, parts.grouping(), scope).map(Contribution.Measures::of);
  }

  /** The same, of a statistic that adds up too. */
  public static Optional<Measure> over(
      Measure.Kind kind, Measure.Plain of, Grouping parts, Scope scope) {
    boolean totals = MeasureTables.addsUp(of, scope.model()) || of instanceof Measure.DistinctRows;
    boolean nested = of instanceof Measure.OverParts || of instanceof Measure.Correlation;
    return totals && !nested && kind != Measure.Kind.PERCENTILE && areParts(parts, scope)
        ? Optional.of(new Measure.OverParts(kind, of, parts))
        : Optional.empty();
  }

  /** Whether a number can be averaged over such parts: groups, or rows that have no name. */
  static boolean isPart(Part part) {
    return part instanceof Phrase.Groupable || part instanceof Meaning.RowNoun;
  }

  /**
   * The average, over the parts of one slot, of what another counts; of a ratio, itself for each
   * part. Over rows that have no name, it is divided by how many there are.
   */
  static Optional<Part> averageOver(Match match, int counted, int parts, Scope scope) {
    Measure.Plain of = of(match.get(counted, Part.class));
    if (match.get(parts, Part.class) instanceof Meaning.RowNoun noun) {
      boolean pointed =
          MeasureTables.of(of, scope.model()).stream()
              .allMatch(t -> scope.pointsAt(t, noun.table()));
      return scope.namingColumn(noun.table()).isEmpty() && pointed
          ? divided(of, noun, scope)
          : Optional.empty();
    }
    Phrase.Groupable each = match.get(parts, Phrase.Groupable.class);
    boolean ratio = of instanceof Measure.MetricValue && !MeasureTables.addsUp(of, scope.model());
    return ratio
        ? Optional.of(new Contribution.Ordered(each.grouping(), List.of(of)))
        : overParts(Measure.Kind.AVERAGE, of, each, scope);
  }

  /** The average of what one slot tells over the spans of another. */
  static Contribution.Measures averageOverSpans(Match match, int of, int unit) {
    return overSpans(
        Measure.Kind.AVERAGE,
        of(match.get(of, Part.class)),
        match.get(unit, Meaning.TimeUnitWord.class).grouping());
  }

  /** A statistic of a measure over spans of time. */
  static Contribution.Measures overSpans(Measure.Kind kind, Measure.Plain of, TimeUnit unit) {
    return Contribution.Measures.of(
        new Measure.OverParts(kind, of, new Grouping.ByTime(unit, Optional.empty())));
  }

  /** Whether averages may be taken over the parts: numbers by themselves are none. */
  private static boolean areParts(Grouping parts, Scope scope) {
    return !(parts instanceof Grouping.ByColumn by)
        || !scope.holds(by.column(), Column.Holds.NUMBER);
  }

  /** Two measures put together, unless one is put together already. */
  static Optional<Part> together(
      Measure.Operator operator, Part left, Part right, BigDecimal factor) {
    Measure.Plain one = of(left);
    Measure.Plain two = of(right);
    boolean nested = one instanceof Measure.Arithmetic || two instanceof Measure.Arithmetic;
    return nested || one.equals(two)
        ? Optional.empty()
        : Optional.of(Contribution.Measures.of(new Measure.Arithmetic(operator, one, two, factor)));
  }

  /** The rows over which two measures are set side by side when none are named. */
  static Optional<Grouping> commonParts(Measure first, Measure second, Scope scope) {
    Set<String> tables = new LinkedHashSet<>();
    for (Measure measure : List.of(first, second)) {
      for (Measure.Basic basic : MeasureTables.basics(measure)) {
        if (basic instanceof Measure.Statistic statistic) {
          tables.add(statistic.column().table());
        }
      }
    }
    return tables.stream()
        .flatMap(t -> scope.namingColumn(t).stream())
        .filter(c -> reached(first, c, scope) && reached(second, c, scope))
        .<Grouping>map(Grouping.ByColumn::new)
        .findFirst();
  }

  /** The same, or months of what shares nothing but that both have dates. */
  static Optional<Grouping> commonPartsOrMonths(Measure first, Measure second, Scope scope) {
    return commonParts(first, second, scope)
        .or(() -> isDated(first, scope) && isDated(second, scope) ? MONTHS : Optional.empty());
  }

  private static boolean isDated(Measure measure, Scope scope) {
    Set<String> tables = MeasureTables.of(measure, scope.model());
    return !tables.isEmpty() && tables.stream().noneMatch(t -> scope.datesOf(t).isEmpty());
  }

  private static boolean reached(Measure measure, ColumnRef column, Scope scope) {
    return MeasureTables.of(measure, scope.model()).stream()
        .allMatch(t -> scope.paths().to(t, column).isPresent());
  }

  /** An amount that adds up, divided by another number: of averages, what they are averages of. */
  static Optional<Part> divided(Measure.Plain amount, Part by, Scope scope) {
    return summed(amount, scope)
        .flatMap(
            sum ->
                together(
                    Measure.Operator.DIVIDED_BY,
                    Contribution.Measures.of(sum),
                    by,
                    BigDecimal.ONE));
  }

  /** "average pay per hour" is all pay by all hours; what does not add up is divided by nothing. */
  public static Optional<Measure.Plain> summed(Measure.Plain dividend, Scope scope) {
    if (dividend instanceof Measure.Statistic statistic
        && statistic.kind() == Measure.Kind.AVERAGE) {
      Measure.Statistic sum = Measure.Statistic.of(Measure.Kind.SUM, statistic.column());
      return scope
          .model()
          .column(statistic.column())
          .addsUp()
          .filter(a -> a == Column.AddsUp.SUM)
          .map(a -> sum);
    }
    boolean ratio =
        dividend instanceof Measure.MetricValue && !MeasureTables.addsUp(dividend, scope.model());
    return ratio ? Optional.empty() : Optional.of(dividend);
  }
}
