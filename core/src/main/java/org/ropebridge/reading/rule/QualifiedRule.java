package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how many of them were serious", "only serious ones", "what share was serious" [how many] [those]
 * [were] [what tells apart the rows that a metric counts] -> that metric
 */
final class QualifiedRule extends Rule {
  QualifiedRule() {
    super(
        Slot.word(Role.COUNT, Role.ONLY, Role.WHICH, Role.SHARE).maybe(),
        Slot.word(Role.THOSE, Role.THAT).maybe(),
        Slot.word(Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(Meaning.CountedWord.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Qualified(
            match.get(3, Meaning.CountedWord.class).metric(), match.isWord(0, Role.SHARE)));
  }
}
