package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "drop the three smallest", "without the top 2" [drop, or without] [number] [superlative] [number]
 * -> the groups of the answer before but those at that end
 */
final class WithoutEndRule extends Rule {
  WithoutEndRule() {
    super(
        Slot.word(Role.DROP, Role.EXCLUDING),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Part.class, p -> p instanceof Phrase.RankHead || Rankings.isAnyEnd(p)),
        Slot.a(Meaning.NumberWord.class).maybe());
  }

  @Override
  public double bonus() {
    return 1.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Phrase.RankHead> head = match.find(2, Phrase.RankHead.class);
    int said = match.has(1) || match.has(3) ? Rankings.wanted(match, match.has(1) ? 1 : 3, 2) : 1;
    int count = head.flatMap(Phrase.RankHead::count).orElse(said);
    if (count > 0 && !(match.has(1) && match.has(3))) {
      out.accept(
          new Contribution.WithoutEnd(
              head.map(Phrase.RankHead::direction)
                  .orElseGet(() -> Rankings.direction(match.get(2, Part.class))),
              count));
    }
  }
}
