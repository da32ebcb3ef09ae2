package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which hut was busiest", "which hall is used most" [which] [something to group by] [be] [top] ->
 * a ranking by what the author prefers
 */
final class WhichIsMostRule extends Rule {
  WhichIsMostRule() {
    super(
        Slot.word(Role.WHICH),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(
            Part.class, p -> p instanceof Meaning.RankWord || p instanceof Meaning.JudgementWord));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Ranked(
            Rankings.direction(match.get(3, Part.class)),
            match.isPlural(1) ? Contribution.Ranked.SEVERAL : 1,
            Optional.of(match.get(1, Phrase.Groupable.class).grouping()),
            Optional.empty()));
  }
}
