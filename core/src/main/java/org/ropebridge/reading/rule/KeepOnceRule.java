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
 * "members who stayed only once", "who only stayed once", "hired more than twice" [noun]
 * [comparison] [once, twice] -> keeps groups with so many of its rows
 */
final class KeepOnceRule extends Rule {
  KeepOnceRule() {
    super(
        Slot.word(Role.HAVE, Role.PREPOSITION).maybe(),
        Slot.word(Role.ONLY).maybe(),
        Slot.a(Part.class, Columns::isColumn),
        Slot.word(Role.ONLY).maybe(),
        Slot.a(Meaning.ComparisonWord.class).maybe(),
        Slot.a(Meaning.TimesWord.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.Comparison comparison =
        match
            .find(4, Meaning.ComparisonWord.class)
            .map(Meaning.ComparisonWord::comparison)
            .orElse(Filter.Comparison.EQUAL_TO);
    BigDecimal times = BigDecimal.valueOf(match.get(5, Meaning.TimesWord.class).times());
    Relations.rowsNamed(match, 2, scope)
        .map(Measure.RowCount::new)
        .ifPresent(
            count ->
                out.accept(
                    new Contribution.Keeping(
                        new Plan.Keep(
                            count,
                            new Plan.Against(new Bound(comparison, times, Optional.empty()))),
                        false)));
  }
}
