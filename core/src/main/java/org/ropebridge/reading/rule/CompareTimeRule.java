package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "compare 2024" [compare] [period] -> the answer before beside that period */
final class CompareTimeRule extends Rule {
  CompareTimeRule() {
    super(Slot.word(Role.COMPARE), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.ComparedWith(match.get(1, Phrase.Time.class)));
  }
}
