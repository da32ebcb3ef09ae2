package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "status breakdown of revenue" [something to group by] [breakdown of] [measure] -> the measure by
 * that group
 */
final class BreakdownOfRule extends Rule {
  BreakdownOfRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.BREAKDOWN_OF),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Ordered(
            match.get(0, Phrase.Groupable.class).grouping(),
            List.of(Operands.of(match.get(2, Part.class)))));
  }
}
