package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;

/**
 * "which hut in Ossel had the most callouts" [which] [something to group by] -> what is ranked,
 * apart from what ranks it; a number is a measure, not a group
 */
final class SubjectRule extends Rule {
  SubjectRule() {
    super(
        Slot.word(Role.WHICH),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping what = match.get(2, Phrase.Groupable.class).grouping();
    boolean figure =
        what instanceof Grouping.ByColumn by && scope.holds(by.column(), Column.Holds.NUMBER);
    if (figure) {
      return;
    }
    out.accept(
        new Contribution.Subject(
            what,
            match.isPlural(2),
            match
                .find(1, Meaning.NumberWord.class)
                .map(n -> Times.smallWhole(n.number()))
                .filter(n -> n >= 1)));
  }
}
