package org.ropebridge.language;

import java.util.List;
import java.util.Set;

/** Forms of German words, in plain small letters without accents. */
final class GermanInflection {
  private static final int SHORTEST_STEM = 3;
  private static final int SHORTEST_PLURAL = 5;

  /** Endings of cases and plurals, the longest first. */
  private static final List<String> ENDINGS = List.of("ern", "en", "er", "es", "em", "e", "n", "s");

  /** Words in -s that are no forms of a noun. */
  private static final Set<String> ADVERBS =
      Set.of("nachts", "morgens", "vormittags", "nachmittags", "abends");

  private GermanInflection() {}

  /**
   * What is left of a noun without the endings of cases and plurals: "hutt" of "hutte" and
   * "hutten". A key for what is the same word, not itself a word.
   */
  static String withoutEnding(String word) {
    if (ADVERBS.contains(word)) {
      return word;
    }
    for (String ending : ENDINGS) {
      if (word.endsWith(ending) && word.length() - ending.length() >= SHORTEST_STEM) {
        return word.substring(0, word.length() - ending.length());
      }
    }
    return word;
  }

  /** Shared by forms of a word, also by what is made of its verb: buchen, gebucht, Buchung. */
  static String stem(String word) {
    String base = umlautsWritten(word);
    boolean action = base.endsWith("ung") || base.endsWith("ungen");
    if (action && base.length() > "ungen".length() + 1) {
      return base.substring(0, base.lastIndexOf("ung"));
    }
    for (String done : List.of(base, withoutEnding(base))) {
      if (isParticiple(done)) {
        String bare = done.startsWith("ge") ? done.substring(2) : done;
        return bare.substring(0, bare.length() - (bare.endsWith("en") ? 2 : 1));
      }
    }
    return withoutEnding(base);
  }

  /** "huette" as "hütte" is compared: without its dots. */
  private static String umlautsWritten(String word) {
    return word.replaceAll("(?<![aeq])([aou])e(?=[bcdfghklmnprstvwxz])", "$1");
  }

  /** Whether the word says that something was done: gebucht, storniert, gefahren. */
  static boolean isParticiple(String word) {
    boolean ge = word.startsWith("ge") && word.length() > "ge".length() + SHORTEST_STEM;
    return ge && (word.endsWith("t") || word.endsWith("en")) || word.endsWith("iert");
  }

  /**
   * Whether the word is a plural as far as its ending tells: Hütten, Kameras. A plural in -e or -er
   * cannot be told from a singular without a dictionary.
   */
  static boolean isPlural(String word) {
    return word.length() >= SHORTEST_PLURAL
        && (word.endsWith("en")
            || word.endsWith("ern")
            || word.endsWith("eln")
            || word.endsWith("as"));
  }

  /** The plural as it stands behind "mit": Aufenthalten. */
  static String dativePlural(String plural) {
    return plural.endsWith("n") || plural.endsWith("s") ? plural : plural + "n";
  }
}
