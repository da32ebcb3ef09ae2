package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which hut had the most guest nights", "the 10 huts with the highest revenue" [number] [something
 * to group by] [superlative] [measure] -> a ranking by the measure
 */
final class GroupWithMostRule extends Rule {
  GroupWithMostRule() {
    super(
        Slot.word(Role.WHICH).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (Rankings.fits(match.get(4, Part.class), match.get(5, Part.class))) {
      Rankings.groups(
              match,
              1,
              2,
              Rankings.direction(match.get(4, Part.class)),
              Rankings.measure(match.get(5, Part.class)))
          .ifPresent(out);
    }
  }
}
