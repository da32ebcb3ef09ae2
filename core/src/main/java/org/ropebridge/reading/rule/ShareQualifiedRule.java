package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "what share was serious" [share] [those] [be] [what tells apart the rows that a metric counts] ->
 * the metric by their number
 */
final class ShareQualifiedRule extends Rule {
  ShareQualifiedRule() {
    super(
        Slot.word(Role.SHARE),
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
    String metric = match.get(3, Meaning.CountedWord.class).metric();
    out.accept(new Contribution.Qualified(metric, true));
  }
}
