package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "top 5", "bottom three", "best", "5 worst" [top] [number] -> the head of a ranking */
final class RankHeadRule extends Rule {
  RankHeadRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Part.class, RankHeadRule::isRank),
        Slot.a(Meaning.NumberWord.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) && match.has(2)) {
      return;
    }
    Optional<Integer> count =
        match
            .find(0, Meaning.NumberWord.class)
            .or(() -> match.find(2, Meaning.NumberWord.class))
            .map(n -> Times.smallWhole(n.number()));
    if (count.isEmpty() || count.get() >= 1) {
      out.accept(new Phrase.RankHead(Rankings.direction(match.get(1, Part.class)), count));
    }
  }

  private static boolean isRank(Part part) {
    return part instanceof Meaning.RankWord || part instanceof Meaning.JudgementWord;
  }
}
