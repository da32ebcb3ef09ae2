package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "share of revenue within each valley" [share] [measure] [within each] [something to group by] ->
 * the part of that group
 */
final class ShareWithinRule extends Rule {
  ShareWithinRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.WITHIN_EACH),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.Share(
                Operands.of(match.get(1, Part.class)),
                Optional.of(match.get(3, Phrase.Groupable.class).grouping()))));
  }
}
