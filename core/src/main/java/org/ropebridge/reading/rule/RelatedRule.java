package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts with no callouts", "members who never stayed", "bridges not inspected this year" [noun]
 * [no, or not] [noun whose rows point at it; behind not, a participle] -> rows at which none point
 */
final class RelatedRule extends Rule {
  RelatedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NONE, Role.NOT),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isWord(1, Role.NOT) || match.isParticiple(3)) {
      Relations.related(match, scope, 2, true).ifPresent(out);
    }
  }
}
