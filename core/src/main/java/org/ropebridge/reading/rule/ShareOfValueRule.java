package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "Ossel's share of revenue", "website part of stays" [values] [share] [measure] -> the part that
 * falls on them
 */
final class ShareOfValueRule extends Rule {
  ShareOfValueRule() {
    super(
        Slot.a(Phrase.Values.class), Slot.word(Role.SHARE), Slot.a(Part.class, Operands::isBasic));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(0, Phrase.Values.class);
    Measure.Basic of = (Measure.Basic) Operands.of(match.get(2, Part.class));
    out.accept(Contribution.Measures.of(new Measure.Portion(of, List.of(values.filter(false)))));
  }
}
