package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "valleys with the 3 lowest revenues" [something to group by] [with] [number] [superlative]
 * [measure] -> so many groups at that end
 */
final class GroupsAtEndsRule extends Rule {
  GroupsAtEndsRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.PREPOSITION, Role.HAVE),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean several = Times.count(match, 2, 0) >= 2;
    if (several
        && match.isPlural(0)
        && Rankings.fits(match.get(3, Part.class), match.get(4, Part.class), scope)) {
      Rankings.groups(
              match,
              2,
              0,
              Rankings.direction(match.get(3, Part.class)),
              Rankings.measure(match.get(4, Part.class)))
          .ifPresent(out);
    }
  }
}
