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
    int count = Times.count(match, 2, 0);
    if (count >= 2 && match.isPlural(0)) {
      Rankings.atEnd(match, count, 0, 3, 4, scope).ifPresent(out);
    }
  }
}
