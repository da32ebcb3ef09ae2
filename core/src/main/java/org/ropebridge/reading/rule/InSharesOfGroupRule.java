package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "revenue by hut as a percentage of its valley's total" [as a percentage of] [breakdown] [total]
 * -> measures are told as parts of the whole of that group
 */
final class InSharesOfGroupRule extends Rule {
  InSharesOfGroupRule() {
    super(
        Slot.word(Role.AS_SHARE_OF),
        Slot.word(Role.THEIR, Role.BY, Role.EVERY).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.SUM));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.InShares(Optional.of(match.get(2, Phrase.Groupable.class).grouping())));
  }
}
