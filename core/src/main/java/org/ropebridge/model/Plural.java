package org.ropebridge.model;

import java.util.Map;

/** Plurals of English nouns, as labels have them. */
public final class Plural {
  /** Irregular plurals, by their singulars; some nouns are their own. */
  public static final Map<String, String> IRREGULAR =
      Map.ofEntries(
          Map.entry("man", "men"),
          Map.entry("woman", "women"),
          Map.entry("child", "children"),
          Map.entry("foot", "feet"),
          Map.entry("tooth", "teeth"),
          Map.entry("mouse", "mice"),
          Map.entry("goose", "geese"),
          Map.entry("ox", "oxen"),
          Map.entry("life", "lives"),
          Map.entry("knife", "knives"),
          Map.entry("half", "halves"),
          Map.entry("shelf", "shelves"),
          Map.entry("calf", "calves"),
          Map.entry("wolf", "wolves"),
          Map.entry("loaf", "loaves"),
          Map.entry("thief", "thieves"),
          Map.entry("criterion", "criteria"),
          Map.entry("series", "series"),
          Map.entry("species", "species"));

  private Plural() {}

  /** The plural of a noun, of which the last word is the one that changes. */
  public static String of(String noun) {
    int last = noun.lastIndexOf(' ') + 1;
    String irregular = IRREGULAR.get(noun.substring(last));
    if (irregular != null) {
      return noun.substring(0, last) + irregular;
    } else if (noun.matches(".*[^aeiou]y")) {
      return noun.substring(0, noun.length() - 1) + "ies";
    } else if (noun.matches(".*[a-z]{2}sis")) {
      return noun.substring(0, noun.length() - 2) + "es";
    }
    return noun.matches(".*(s|x|z|ch|sh)") ? noun + "es" : noun + "s";
  }
}
