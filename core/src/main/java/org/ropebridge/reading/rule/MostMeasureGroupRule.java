package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "lowest occupancy hut", "3 highest revenue months" [number] [superlative] [measure] [something to
 * group by] -> a ranking by the measure
 */
final class MostMeasureGroupRule extends Rule {
  MostMeasureGroupRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Contribution.Measures.class, Rankings::canRank),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Rankings.groups(
            match,
            0,
            3,
            Rankings.direction(match.get(1, Part.class)),
            Rankings.measure(match.get(2, Part.class)))
        .ifPresent(out);
  }
}
