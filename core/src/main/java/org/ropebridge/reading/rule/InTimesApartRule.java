package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;

/**
 * "in January and March 2025", "without January and March" [times apart] -> keeps, or leaves out,
 * what lies in any of them
 */
final class InTimesApartRule extends Rule {
  InTimesApartRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION, Role.OVER).maybe(),
        Slot.a(Phrase.TimesApart.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<DayRange> times = match.get(2, Phrase.TimesApart.class).times();
    List<Contribution> filters = new ArrayList<>();
    boolean without = match.isWord(0, Role.EXCLUDING);
    if (!without) {
      DayRange last = times.get(times.size() - 1);
      filters.add(in(times.get(0).first().orElseThrow(), last.end().orElseThrow(), false, scope));
    }
    for (int i = 0; i < times.size(); i++) {
      DayRange time = times.get(i);
      if (without) {
        filters.add(in(time.first().orElseThrow(), time.end().orElseThrow(), true, scope));
      } else if (i > 0 && !times.get(i - 1).end().equals(time.first())) {
        LocalDate gap = times.get(i - 1).end().orElseThrow();
        filters.add(in(gap, time.first().orElseThrow(), true, scope));
      }
    }
    out.accept(new Contribution.Together(filters));
  }

  private static Contribution in(LocalDate first, LocalDate end, boolean negated, Scope scope) {
    Period period = Times.stretch(first, end, scope);
    return new Contribution.Narrowing(new Filter.InPeriod(period, Optional.empty(), negated));
  }
}
