package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "for the whole year" [whole] [unit of time] -> all of the unit that the time of before is in */
final class WholeOfRule extends Rule {
  WholeOfRule() {
    super(
        Slot.word(Role.WHOLE),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.period().isPresent()));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.WholeOf(match.get(1, Meaning.TimeUnitWord.class).period().orElseThrow()));
  }
}
