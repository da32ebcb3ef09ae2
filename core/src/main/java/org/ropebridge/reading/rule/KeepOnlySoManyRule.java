package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "members with just one stay" [only] [number] [noun] -> keeps groups with exactly so many of its
 * rows
 */
final class KeepOnlySoManyRule extends Rule {
  KeepOnlySoManyRule() {
    super(
        Slot.word(Role.HAVE, Role.WITH, Role.PREPOSITION).maybe(),
        Slot.word(Role.ONLY),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal count = match.get(2, Meaning.NumberWord.class).number();
    if (Times.smallWhole(count) >= 0) {
      out.accept(
          new Contribution.Keeping(
              new Plan.Keep(
                  new Measure.RowCount(match.get(3, Meaning.RowNoun.class).table()),
                  new Plan.Against(new Bound(Filter.Comparison.EQUAL_TO, count, Optional.empty()))),
              false));
    }
  }
}
