package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "10 or more guests", "3 nights or less" [amount] [or more] [unit] -> a comparison that waits for
 * its column
 */
final class OrMoreRule extends Rule {
  OrMoreRule() {
    super(
        Slot.a(Phrase.Amount.class),
        Slot.word(Role.OR_MORE, Role.OR_LESS),
        Slot.a(Meaning.UnitName.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Amount amount = match.get(0, Phrase.Amount.class);
    out.accept(
        new Phrase.Comparing(
            match.isWord(1, Role.OR_MORE) ? Filter.Comparison.AT_LEAST : Filter.Comparison.AT_MOST,
            amount.number(),
            Optional.empty(),
            match.find(2, Meaning.UnitName.class).map(Meaning.UnitName::unit).or(amount::unit)));
  }
}
