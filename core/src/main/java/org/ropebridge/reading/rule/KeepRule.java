package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "with more than 500 guest nights", "keeping revenue more than 500" [with] [measure] [comparison]
 * -> keeps groups whose measure compares so
 */
final class KeepRule extends Rule {
  KeepRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.KEEPING, Role.BE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()),
        Slot.word(Role.BE, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure measure = match.get(1, Contribution.Measures.class).measures().get(0);
    Keeps.compared(measure, match.get(3, Phrase.Comparing.class), scope)
        .ifPresent(
            keep -> out.accept(new Contribution.Keeping(keep, match.isWord(0, Role.KEEPING))));
  }
}
