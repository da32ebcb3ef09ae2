package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "products rated below 3" [noun, as a participle] [comparison] -> keeps groups by what those rows
 * are judged by
 */
final class KeepJudgedRule extends Rule {
  KeepJudgedRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isParticiple(0)) {
      Relations.judgedBy(match.get(0, Meaning.RowNoun.class).table(), scope)
          .flatMap(by -> Keeps.compared(by, match.get(1, Phrase.Comparing.class), scope))
          .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
    }
  }
}
