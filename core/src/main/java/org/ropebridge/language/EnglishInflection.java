package org.ropebridge.language;

import java.util.Map;

/** Singulars, plurals and stems of English words, in plain lower case. */
final class EnglishInflection {
  private static final Map<String, String> IRREGULAR =
      Map.ofEntries(
          Map.entry("men", "man"),
          Map.entry("women", "woman"),
          Map.entry("children", "child"),
          Map.entry("feet", "foot"),
          Map.entry("lives", "life"),
          Map.entry("halves", "half"),
          Map.entry("shelves", "shelf"),
          Map.entry("indices", "index"),
          Map.entry("criteria", "criterion"),
          Map.entry("stayed", "stay"),
          Map.entry("paid", "pay"),
          Map.entry("sold", "sell"),
          Map.entry("spent", "spend"),
          Map.entry("built", "built"));

  private EnglishInflection() {}

  static String singular(String word) {
    String irregular = IRREGULAR.get(word);
    if (irregular != null && !word.endsWith("ed")) {
      return irregular;
    }
    if (word.length() <= 3) {
      return word;
    }
    if (word.endsWith("ies") && word.length() > 4) {
      return word.substring(0, word.length() - 3) + "y";
    }
    if (word.matches(".*(ss|sh|ch|x|z)es")) {
      return word.substring(0, word.length() - 2);
    }
    if (word.endsWith("s") && !word.matches(".*(ss|us|is)")) {
      return word.substring(0, word.length() - 1);
    }
    return word;
  }

  /** Shared by all forms of a word: arrive, arrives, arrived, arriving. */
  static String stem(String word) {
    String base = singular(word);
    if (IRREGULAR.containsKey(word)) {
      base = IRREGULAR.get(word);
    } else if (base.length() > 5 && base.endsWith("ing")) {
      base = base.substring(0, base.length() - 3);
    } else if (base.length() > 4 && base.endsWith("ied")) {
      base = base.substring(0, base.length() - 3) + "y";
    } else if (base.length() > 4 && base.endsWith("ed") && !base.endsWith("eed")) {
      base = base.substring(0, base.length() - 2);
    }
    if (base.length() == 3 && word.length() > 5 && base.matches("[^aeiou][aeiou][^aeiouwxy]")) {
      return base + "e";
    }
    int n = base.length();
    if (n > 4 && base.charAt(n - 1) == 'e') {
      base = base.substring(0, n - 1);
      n--;
    }
    boolean doubled = n > 3 && base.charAt(n - 1) == base.charAt(n - 2);
    return doubled && "aeiou".indexOf(base.charAt(n - 1)) < 0 ? base.substring(0, n - 1) : base;
  }

  static String plural(String phrase) {
    if (phrase.matches(".*[^aeiou]y")) {
      return phrase.substring(0, phrase.length() - 1) + "ies";
    }
    return phrase.matches(".*(s|x|z|ch|sh)") ? phrase + "es" : phrase + "s";
  }
}
