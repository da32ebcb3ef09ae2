package org.ropebridge.gaps;

import org.ropebridge.reading.WordVectors;

/** Whether two phrases are the same words otherwise written, or mean the same. */
final class Likeness {
  /**
   * How near in meaning phrases are that mean the same, as the cosine of the angle between their
   * vectors. Of 32 pairs tried with the vectors that the service uses, it joins 8 of the 16 that
   * mean the same and none of the 16 that only belong together, such as lunch and breakfast (0.82):
   * two gaps for one cause are seen at a glance, one gap for two causes is not.
   */
  private static final double SAME_MEANING = 0.83;

  private static final int FEWEST_LETTERS_FOR_A_SLIP = 5;

  private final WordVectors vectors;

  Likeness(WordVectors vectors) {
    this.vectors = vectors;
  }

  boolean areAlike(String one, String other) {
    return isSlip(packed(one), packed(other))
        || WordVectors.cosine(vectors.of(one), vectors.of(other)) >= SAME_MEANING;
  }

  private static String packed(String phrase) {
    return phrase.replaceAll("[^\\p{L}\\p{N}]", "");
  }

  /** Whether at most one letter is other, missing, or in the wrong place. */
  private static boolean isSlip(String one, String other) {
    if (one.equals(other)) {
      return true;
    }
    if (Math.min(one.length(), other.length()) < FEWEST_LETTERS_FOR_A_SLIP
        || Math.abs(one.length() - other.length()) > 1) {
      return false;
    }
    int from = 0;
    while (from < Math.min(one.length(), other.length())
        && one.charAt(from) == other.charAt(from)) {
      from++;
    }
    String restOfOne = one.substring(from);
    String restOfOther = other.substring(from);
    return restOfOne.substring(Math.min(1, restOfOne.length())).equals(restOfOther)
        || restOfOne.equals(restOfOther.substring(Math.min(1, restOfOther.length())))
        || restOfOne.length() == restOfOther.length()
            && (restOfOne.substring(1).equals(restOfOther.substring(1))
                || areSwapped(restOfOne, restOfOther));
  }

  private static boolean areSwapped(String one, String other) {
    return one.length() > 1
        && one.charAt(0) == other.charAt(1)
        && one.charAt(1) == other.charAt(0)
        && one.substring(2).equals(other.substring(2));
  }
}
