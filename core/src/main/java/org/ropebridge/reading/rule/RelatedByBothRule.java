package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "customers with both a motor and a home policy" [noun] [with] [both] [value] [noun whose rows
 * point at it] [and] [value] [the same noun] -> rows at which such point, and such as well
 */
final class RelatedByBothRule extends Rule {
  RelatedByBothRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAVE, Role.WITH, Role.PREPOSITION).maybe(),
        Slot.word(Role.BOTH).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.AND),
        Slot.a(Phrase.Values.class),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    String table = match.get(7, Meaning.RowNoun.class).table();
    Phrase.Values one = match.get(3, Phrase.Values.class);
    Phrase.Values other = match.get(6, Phrase.Values.class);
    boolean repeated =
        match.find(4, Meaning.RowNoun.class).filter(n -> n.table().equals(table)).isPresent();
    boolean both = match.has(2) && !match.has(4) || repeated && !match.isPlural(7);
    boolean apart =
        one.column().equals(other.column())
            && one.stored().size() == 1
            && other.stored().size() == 1
            && !one.equals(other);
    if (both && apart && scope.pointsAt(table, anchor)) {
      out.accept(
          new Contribution.RelatedBoth(
              Relations.with(anchor, table, one.column(), one.stored().get(0)),
              Relations.with(anchor, table, other.column(), other.stored().get(0))));
    }
  }
}
