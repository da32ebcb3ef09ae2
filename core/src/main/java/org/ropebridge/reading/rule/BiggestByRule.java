package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "biggest customers by revenue" [number] [superlative] [something to group by] [by] [measure] -> a
 * ranking by the measure
 */
final class BiggestByRule extends Rule {
  BiggestByRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class, Meaning.SuperlativeWord::isOfAnything),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.BY),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) && match.has(2)) {
      return;
    }
    Rankings.groups(
            match,
            match.has(0) ? 0 : 2,
            3,
            Rankings.direction(match.get(1, Part.class)),
            Rankings.measure(match.get(5, Part.class)))
        .ifPresent(out);
  }
}
