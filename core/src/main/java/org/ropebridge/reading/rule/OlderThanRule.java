package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "older than 60", "older than a week", "older than 1980" [older] [number] [years] -> what began to
 * be before that many years, or after
 */
final class OlderThanRule extends Rule {
  private static final int MOST = 2_100;

  /** From here on a number without a unit is a year, and no age. */
  private static final int FIRST_YEAR = 1_000;

  OlderThanRule() {
    super(
        Slot.word(Role.OLDER, Role.YOUNGER),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, OlderThanRule::isCounted).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.has(1) && !match.has(2)) {
      return;
    }
    int count =
        match.find(1, Meaning.NumberWord.class).map(n -> Times.smallWhole(n.number())).orElse(1);
    Period.Unit unit =
        match
            .find(2, Meaning.TimeUnitWord.class)
            .flatMap(Meaning.TimeUnitWord::period)
            .orElse(Period.Unit.YEAR);
    if (count < 1 || count > MOST) {
      return;
    }
    boolean isYear = !match.has(2) && count >= FIRST_YEAR;
    LocalDate then = isYear ? LocalDate.of(count, 1, 1) : back(scope.today(), count, unit);
    LocalDate after = isYear ? then.plusYears(1) : then.plusDays(1);
    Period period =
        match.isWord(0, Role.OLDER)
            ? new Period.Range(Optional.empty(), Optional.of(then.minusDays(1)))
            : new Period.Range(Optional.of(after), Optional.empty());
    out.accept(new Phrase.Began(period, unit == Period.Unit.YEAR));
  }

  static boolean isCounted(Meaning.TimeUnitWord word) {
    return word.period()
        .filter(
            u ->
                u == Period.Unit.YEAR
                    || u == Period.Unit.MONTH
                    || u == Period.Unit.WEEK
                    || u == Period.Unit.DAY)
        .isPresent();
  }

  static LocalDate back(LocalDate today, int count, Period.Unit unit) {
    return switch (unit) {
      case MONTH -> today.minusMonths(count);
      case WEEK -> today.minusWeeks(count);
      case DAY -> today.minusDays(count);
      default -> today.minusYears(count);
    };
  }
}
