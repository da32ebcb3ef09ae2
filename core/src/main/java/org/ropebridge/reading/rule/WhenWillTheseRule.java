package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "when will they be done" [when will] [they] [be] [done] -> the rows of before with the date on
 * which they are due
 */
final class WhenWillTheseRule extends Rule {
  WhenWillTheseRule() {
    super(
        Slot.word(Role.WHEN_WILL), Slot.word(Role.THOSE), Slot.a(Part.class, WhenWillRule::isDone));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    scope
        .dueOf(Optional.empty())
        .forEach(
            due ->
                out.accept(
                    new Contribution.MoreColumns(
                        List.of(due), Contribution.MoreColumns.Pointed.YES)));
  }
}
