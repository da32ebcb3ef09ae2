package org.ropebridge.reading.rule;

import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** What rankings share. */
final class Rankings {
  /** How many groups "the best huts" are, when no number is said. */
  static final int SEVERAL = 10;

  private Rankings() {}

  /** The end that a rank, superlative or judgement asks for. */
  static Contribution.Direction direction(Part word) {
    if (word instanceof Meaning.RankWord rank) {
      return rank.top() ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM;
    } else if (word instanceof Meaning.SuperlativeWord superlative) {
      return superlative.most() ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM;
    }
    return ((Meaning.JudgementWord) word).good()
        ? Contribution.Direction.BEST
        : Contribution.Direction.WORST;
  }
}
