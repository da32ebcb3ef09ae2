package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "is revenue up on last year" [up on] [period] -> asks whether there is more than then */
final class ComparativeToRule extends Rule {
  ComparativeToRule() {
    super(
        Slot.a(Meaning.ComparativeToWord.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean more = match.get(0, Meaning.ComparativeToWord.class).more();
    out.accept(
        new Contribution.ComparativeTo(
            more ? Contrast.MORE : Contrast.LESS, match.get(2, Phrase.Time.class)));
  }
}
