package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "rank of revenue" [rank] [measure] -> the place in the order */
final class RankOfRule extends Rule {
  RankOfRule() {
    super(Slot.word(Role.RANK_OF), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(Contribution.Measures.of(new Measure.Rank(Operands.of(match.get(1, Part.class)))));
  }
}
