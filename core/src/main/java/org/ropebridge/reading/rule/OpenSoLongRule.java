package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;

/**
 * "tickets open for more than 30 days" [rows whose end has not come] [for] [comparison] [number] [unit
 * of time] -> those of them that began before that day, or after it
 */
final class OpenSoLongRule extends Rule {
  OpenSoLongRule() {
    super(
        Slot.a(Part.class, OpenSoLongRule::mayBeOpen),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, OlderThanRule::isCounted));
  }

  @Override
  public double bonus() {
    return 1.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {

    Optional<Filter> open = open(match.get(0, Part.class), scope);
    Optional<Period> began =
        LongAgoRule.began(
            match.get(2, Meaning.ComparisonWord.class).comparison(),
            Times.count(match, 3, 1),
            match.get(4, Meaning.TimeUnitWord.class),
            scope);
    if (open.isPresent() && began.isPresent()) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.Narrowing(open.get()),
                  new Contribution.Narrowing(
                      new Filter.InPeriod(began.get(), Optional.empty(), false)))));
    }
  }

  private static boolean mayBeOpen(Part part) {
    return part instanceof Meaning.ConditionName || part instanceof Meaning.NotDone;
  }

  /** The filter that the end has not come, where the part says that. */
  private static Optional<Filter> open(Part part, Scope scope) {
    if (part instanceof Meaning.NotDone not) {
      return Optional.of(new Filter.Missing(not.column(), false));
    }
    Meaning.ConditionName name = (Meaning.ConditionName) part;
    return scope
        .endMissing(name.table(), name.condition())
        .map(end -> new Filter.Meets(name.table(), name.condition(), false));
  }
}
