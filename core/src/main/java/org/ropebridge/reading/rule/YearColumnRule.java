package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;

/**
 * "books published before 1960" [number column that holds years] [time of whole years] -> rows of
 * these years
 */
final class YearColumnRule extends Rule {
  YearColumnRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    DayRange days = scope.periods().resolve(match.get(3, Phrase.Time.class).period());
    boolean wholeYears =
        days.first().map(YearColumnRule::isFirstOfYear).orElse(true)
            && days.end().map(YearColumnRule::isFirstOfYear).orElse(true);
    if (scope.years().contains(column.withoutRole()) && wholeYears) {
      Optional<BigDecimal> first = days.first().map(d -> BigDecimal.valueOf(d.getYear()));
      Optional<BigDecimal> last = days.last().map(d -> BigDecimal.valueOf(d.getYear()));
      out.accept(new Contribution.Narrowing(between(column, first, last)));
    }
  }

  private static boolean isFirstOfYear(LocalDate day) {
    return day.getDayOfYear() == 1;
  }

  private static Filter between(
      ColumnRef column, Optional<BigDecimal> first, Optional<BigDecimal> last) {
    if (first.isPresent() && first.equals(last)) {
      return compare(column, Filter.Comparison.EQUAL_TO, first.get());
    } else if (first.isPresent() && last.isPresent()) {
      return new Filter.Compare(column, Filter.Comparison.BETWEEN, first.get(), last);
    }
    return first
        .map(f -> compare(column, Filter.Comparison.AT_LEAST, f))
        .orElseGet(() -> compare(column, Filter.Comparison.AT_MOST, last.orElseThrow()));
  }

  private static Filter compare(ColumnRef column, Filter.Comparison comparison, BigDecimal year) {
    return new Filter.Compare(column, comparison, year, Optional.empty());
  }
}
