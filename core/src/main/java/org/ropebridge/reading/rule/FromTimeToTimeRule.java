package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "change from May to June" [from] [period] [to] [period] -> the later beside the earlier */
final class FromTimeToTimeRule extends Rule {
  FromTimeToTimeRule() {
    super(
        Slot.word(Role.FROM, Role.BETWEEN),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.TO),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time earlier = match.get(1, Phrase.Time.class);
    Phrase.Time later = match.get(3, Phrase.Time.class);
    out.accept(new Contribution.FromTo(Times.withYearOf(earlier, later, scope), later));
  }
}
