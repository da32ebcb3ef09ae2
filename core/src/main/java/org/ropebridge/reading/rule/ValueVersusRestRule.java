package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/**
 * "Ossel vs the rest", "compare Ossel to the other valleys" [value] [versus] [the others] -> its
 * rows, beside all others
 */
final class ValueVersusRestRule extends Rule {
  ValueVersusRestRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.VERSUS, Role.TO, Role.WITH, Role.AND),
        Slot.word(Role.REST, Role.OTHER),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    boolean likes =
        match
            .find(4, Phrase.Groupable.class)
            .map(g -> g.grouping().equals(new Grouping.ByColumn(one.column())))
            .orElse(match.isWord(3, Role.REST));
    if (likes) {
      out.accept(new Contribution.OpposedFilters(one.filter(false), one.filter(true)));
    }
  }
}
