package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "90th percentile", "90 percentile" [number] [percentile] -> that statistic */
final class PercentileRule extends Rule {
  PercentileRule() {
    super(Slot.a(Part.class, PercentileRule::isPlace), Slot.word(Role.PERCENTILE));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Statistics(
            List.of(
                new Phrase.Statistic(Measure.Kind.PERCENTILE, place(match.get(0, Part.class))))));
  }

  private static boolean isPlace(Part part) {
    return part instanceof Meaning.OrdinalWord || part instanceof Meaning.NumberWord
        ? place(part) >= 1 && place(part) <= 99
        : false;
  }

  /** The number; 0 where it is no whole number. */
  private static int place(Part part) {
    return part instanceof Meaning.OrdinalWord ordinal
        ? ordinal.number()
        : Times.smallWhole(((Meaning.NumberWord) part).number());
  }
}
