package org.ropebridge.model.file;

/** The plural that a row noun gets when its author gives none. */
final class Plural {
  private Plural() {}

  static String of(String noun) {
    if (noun.matches(".*[^aeiou]y")) {
      return noun.substring(0, noun.length() - 1) + "ies";
    }
    return noun.matches(".*(s|x|z|ch|sh)") ? noun + "es" : noun + "s";
  }
}
