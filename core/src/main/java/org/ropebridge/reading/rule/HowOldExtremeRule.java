package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "how old is the oldest hut" [how old] [oldest] [noun] -> the highest of their ages */
final class HowOldExtremeRule extends Rule {
  HowOldExtremeRule() {
    super(
        Slot.word(Role.HOW_OLD),
        Slot.word(Role.NEWEST, Role.OLDEST, Role.YOUNGEST, Role.ELDEST),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean oldest = match.isWord(1, Role.OLDEST) || match.isWord(1, Role.ELDEST);
    Ages.of(match.get(2, Meaning.RowNoun.class).table(), scope)
        .map(age -> Measure.Statistic.of(oldest ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, age))
        .ifPresent(end -> out.accept(Contribution.Measures.of(end)));
  }
}
