package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts with no callouts", "members who never stayed in a hut", "bridges not inspected this year"
 * [noun] [no, or not] [noun whose rows point at it; behind not, a participle] [noun of what it is
 * done to] -> rows at which none point
 */
final class RelatedRule extends Rule {
  RelatedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NONE, Role.NOT),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean fits = match.has(5) ? isObject(match, scope) : !match.has(4);
    if (fits && (!match.isWord(1, Role.NOT) || match.isParticiple(3))) {
      Relations.related(match, scope, 2, true).ifPresent(out);
    }
  }

  /** "a hut", of those who stayed: what the rows point at in any case. */
  private static boolean isObject(Match match, Scope scope) {
    String deeds = match.get(3, Meaning.RowNoun.class).table();
    String object = match.get(5, Meaning.RowNoun.class).table();
    return !object.equals(match.get(0, Meaning.RowNoun.class).table())
        && !match.isPlural(5)
        && scope.pointing(deeds, object).filter(deeds::equals).isPresent();
  }
}
