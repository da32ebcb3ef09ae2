package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "revenue the year before" [measure] [earlier time] -> the measure then */
final class BeforeRule extends Rule {
  BeforeRule() {
    super(Slot.a(Part.class, Operands::isOperand), Slot.a(Phrase.EarlierTime.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.Compared(
                Measure.Move.BEFORE,
                Operands.of(match.get(0, Part.class)),
                match.get(1, Phrase.EarlierTime.class).earlier())));
  }
}
