package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which hut in Ossel had the most callouts" [which] [something to group by] -> what is ranked,
 * apart from what ranks it
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
    out.accept(
        new Contribution.Subject(
            match.get(2, Phrase.Groupable.class).grouping(),
            match.isPlural(2),
            match
                .find(1, Meaning.NumberWord.class)
                .map(n -> Times.smallWhole(n.number()))
                .filter(n -> n >= 1)));
  }
}
