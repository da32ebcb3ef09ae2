package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "growth of revenue 2024 to 2025" [period] [to] [period] -> the later beside the earlier */
final class TimeToTimeRule extends Rule {
  TimeToTimeRule() {
    super(Slot.a(Phrase.Time.class), Slot.word(Role.TO), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time earlier = match.get(0, Phrase.Time.class);
    Phrase.Time later = match.get(2, Phrase.Time.class);
    boolean open = scope.periods().resolve(earlier.period()).last().isEmpty();
    if (open) {
      return;
    }
    out.accept(new Contribution.FromTo(Times.withYearOf(earlier, later, scope), later));
  }
}
