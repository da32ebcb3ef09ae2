package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.TimeUnit;

/**
 * "how are stays spread over the week" [spread over the] [unit of time] -> by the parts of every
 * such unit: its days, hours or months
 */
final class SpreadOverRule extends Rule {
  SpreadOverRule() {
    super(
        Slot.word(Role.SPREAD_OVER),
        Slot.a(Meaning.TimeUnitWord.class, u -> PARTS.containsKey(u.grouping()) && !u.adverb()));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(1)) {
      out.accept(
          new Contribution.Groupings(
              List.of(
                  new Grouping.ByTime(
                      PARTS.get(match.get(1, Meaning.TimeUnitWord.class).grouping()),
                      Optional.empty()))));
    }
  }

  private static final Map<TimeUnit, TimeUnit> PARTS =
      Map.of(
          TimeUnit.DAY, TimeUnit.HOUR_OF_DAY,
          TimeUnit.WEEK, TimeUnit.DAY_OF_WEEK,
          TimeUnit.YEAR, TimeUnit.MONTH_OF_YEAR);
}
