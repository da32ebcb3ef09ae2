package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/**
 * "the first half of 2025", "third quarter of 2025" [ordinal] [half or quarter] [year] -> that part
 * of the year
 */
final class NamedPartOfYearRule extends Rule {
  NamedPartOfYearRule() {
    super(
        Slot.a(Meaning.OrdinalWord.class),
        Slot.a(Part.class, NamedPartOfYearRule::isPart),
        Slot.a(Part.class, NamedPartOfYearRule::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int number = match.get(0, Meaning.OrdinalWord.class).number();
    boolean half = match.isWord(1, Role.HALF);
    if (number > (half ? 2 : 4)) {
      return;
    }
    int month = half ? number * 6 - 5 : number * 3 - 2;
    int year =
        match
            .find(2, Phrase.Time.class)
            .map(t -> Times.startYear(t, scope))
            .orElse(scope.today().getYear());
    Period.Unit unit = half ? Period.Unit.HALF : Period.Unit.QUARTER;
    boolean yearSaid = match.has(2);
    out.accept(new Phrase.Time(new Period.Span(unit, LocalDate.of(year, month, 1)), yearSaid));
  }

  private static boolean isYear(Part part) {
    return part instanceof Phrase.Time time && Times.isOneYear(time)
        || part instanceof Meaning.TimeUnitWord unit
            && !unit.adverb()
            && unit.grouping() == TimeUnit.YEAR;
  }

  private static boolean isPart(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.HALF))
        || part instanceof Meaning.TimeUnitWord unit && unit.grouping() == TimeUnit.QUARTER;
  }
}
