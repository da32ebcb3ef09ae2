package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.reading.rule.Contribution.Telling;

/** "cumulative", "show the growth" [way to tell a number] -> the numbers of before, told so */
final class ToldAsRule extends Rule {
  ToldAsRule() {
    super(Slot.a(Meaning.class, ToldAsRule::tells));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  private static boolean tells(Meaning meaning) {
    return meaning.equals(new Meaning.FunctionWord(Role.CUMULATIVE))
        || meaning.equals(new Meaning.FunctionWord(Role.CUMULATED))
        || meaning.equals(new Meaning.FunctionWord(Role.RANK_OF))
        || meaning instanceof Meaning.MoveWord move && move.move() != Measure.Move.BEFORE;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Telling how;
    if (match.isWord(0, Role.CUMULATIVE) || match.isWord(0, Role.CUMULATED)) {
      how = Telling.CUMULATIVE;
    } else if (match.isWord(0, Role.RANK_OF)) {
      how = Telling.RANK;
    } else {
      how = telling(match.get(0, Meaning.MoveWord.class));
    }
    out.accept(new Contribution.ToldAs(how));
  }

  /** How a word for a movement tells a number. */
  static Telling telling(Meaning.MoveWord word) {
    return word.move() == Measure.Move.GROWTH ? Telling.GROWTH : Telling.CHANGE;
  }
}
