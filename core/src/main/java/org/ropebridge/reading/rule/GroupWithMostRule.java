package org.ropebridge.reading.rule;

import java.util.Optional;
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
    int count = Rankings.wanted(match, 1, 2);
    if (count < 1 || !Rankings.fits(match.get(4, Part.class), match.get(5, Part.class))) {
      return;
    }
    out.accept(
        new Contribution.Ranked(
            Rankings.direction(match.get(4, Part.class)),
            count,
            Optional.of(match.get(2, Phrase.Groupable.class).grouping()),
            Optional.of(Rankings.measure(match.get(5, Part.class)))));
  }
}
