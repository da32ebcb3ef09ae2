package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/** "(revenue minus refunds)" [measure in brackets] -> the measure */
final class EnclosedMeasureRule extends Rule {
  EnclosedMeasureRule() {
    super(
        Slot.a(
            Part.class,
            p -> p instanceof Phrase.EnclosedMeasure || p instanceof Phrase.EnclosedFigure));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(0, Part.class);
    out.accept(
        Contribution.Measures.of(
            part instanceof Phrase.EnclosedMeasure plain
                ? plain.measure()
                : ((Phrase.EnclosedFigure) part).measure()));
  }
}
