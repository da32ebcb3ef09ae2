package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "which product is rated highest" [noun, as a participle] [end] -> ranked by what those rows are
 * judged by
 */
final class JudgedMostRule extends Rule {
  JudgedMostRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.a(
            Part.class,
            p -> Rankings.isEnd(p) && !(p instanceof Meaning.SuperlativeWord s && isAmount(s))));
  }

  private static boolean isAmount(Meaning.SuperlativeWord word) {
    return word.dimension().equals("amount");
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isParticiple(0)) {
      Relations.judgedBy(match.get(0, Meaning.RowNoun.class).table(), scope)
          .ifPresent(
              by ->
                  out.accept(
                      new Contribution.Extreme(Rankings.direction(match.get(1, Part.class)), by)));
    }
  }
}
