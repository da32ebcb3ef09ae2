package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;

/**
 * "more than 5 years ago", "less than a week ago" [more or less than] [number] [unit of time] [ago]
 * -> the open stretch before that day, or after it
 */
final class LongAgoRule extends Rule {
  /** More than that is no time that anybody means. */
  private static final int MOST = 100_000;

  LongAgoRule() {
    super(
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, OlderThanRule::isCounted),
        Slot.word(Role.AGO));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    began(
            match.get(0, Meaning.ComparisonWord.class).comparison(),
            Times.count(match, 1, 1),
            match.get(2, Meaning.TimeUnitWord.class),
            scope)
        .ifPresent(period -> out.accept(new Phrase.Time(period, true)));
  }

  /** When began what is that old; empty for what is no age that anybody means. */
  static Optional<Period> began(
      Filter.Comparison comparison, int count, Meaning.TimeUnitWord unit, Scope scope) {
    if (count < 1 || count > MOST) {
      return Optional.empty();
    }
    LocalDate then = OlderThanRule.back(scope.today(), count, unit.period().orElseThrow());
    Optional<LocalDate> none = Optional.empty();
    return switch (comparison) {
      case MORE_THAN -> Optional.of(new Period.Range(none, Optional.of(then.minusDays(1))));
      case AT_LEAST -> Optional.of(new Period.Range(none, Optional.of(then)));
      case LESS_THAN -> Optional.of(new Period.Range(Optional.of(then.plusDays(1)), none));
      case AT_MOST -> Optional.of(new Period.Range(Optional.of(then), none));
      default -> Optional.empty();
    };
  }
}
