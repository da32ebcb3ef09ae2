package org.ropebridge.language;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

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
          Map.entry("built", "built"),
          Map.entry("held", "hold"),
          Map.entry("brought", "bring"),
          Map.entry("bought", "buy"),
          Map.entry("sent", "send"),
          Map.entry("kept", "keep"),
          Map.entry("made", "make"),
          Map.entry("took", "take"),
          Map.entry("taken", "take"),
          Map.entry("gave", "give"),
          Map.entry("given", "give"),
          Map.entry("grew", "grow"),
          Map.entry("grown", "grow"),
          Map.entry("wrote", "write"),
          Map.entry("written", "write"),
          Map.entry("drew", "draw"),
          Map.entry("drawn", "draw"),
          Map.entry("won", "win"),
          Map.entry("met", "meet"),
          Map.entry("began", "begin"),
          Map.entry("begun", "begin"),
          Map.entry("came", "come"),
          Map.entry("went", "go"),
          Map.entry("gone", "go"),
          Map.entry("ran", "run"),
          Map.entry("fell", "fall"),
          Map.entry("fallen", "fall"),
          Map.entry("rose", "rise"),
          Map.entry("risen", "rise"),
          Map.entry("broke", "break"),
          Map.entry("broken", "break"),
          Map.entry("chose", "choose"),
          Map.entry("chosen", "choose"),
          Map.entry("drove", "drive"),
          Map.entry("driven", "drive"),
          Map.entry("flew", "fly"),
          Map.entry("flown", "fly"),
          Map.entry("froze", "freeze"),
          Map.entry("frozen", "freeze"),
          Map.entry("got", "get"),
          Map.entry("hired", "hire"),
          Map.entry("knew", "know"),
          Map.entry("known", "know"),
          Map.entry("lent", "lend"),
          Map.entry("rode", "ride"),
          Map.entry("ridden", "ride"),
          Map.entry("saw", "see"),
          Map.entry("seen", "see"),
          Map.entry("slept", "sleep"),
          Map.entry("spoke", "speak"),
          Map.entry("spoken", "speak"),
          Map.entry("stole", "steal"),
          Map.entry("stolen", "steal"),
          Map.entry("taught", "teach"),
          Map.entry("told", "tell"),
          Map.entry("thrown", "throw"),
          Map.entry("threw", "throw"),
          Map.entry("wore", "wear"),
          Map.entry("worn", "wear"),
          Map.entry("caught", "catch"),
          Map.entry("fed", "feed"),
          Map.entry("fought", "fight"),
          Map.entry("led", "lead"),
          Map.entry("rang", "ring"),
          Map.entry("sang", "sing"),
          Map.entry("swam", "swim"),
          Map.entry("tore", "tear"),
          Map.entry("torn", "tear"),
          Map.entry("bred", "breed"),
          Map.entry("mice", "mouse"),
          Map.entry("geese", "goose"),
          Map.entry("teeth", "tooth"),
          Map.entry("oxen", "ox"),
          Map.entry("analyses", "analysis"),
          Map.entry("bases", "basis"),
          Map.entry("crises", "crisis"),
          Map.entry("theses", "thesis"),
          Map.entry("species", "species"),
          Map.entry("series", "series"),
          Map.entry("knives", "knife"),
          Map.entry("loaves", "loaf"),
          Map.entry("wolves", "wolf"),
          Map.entry("calves", "calf"),
          Map.entry("thieves", "thief"));

  private EnglishInflection() {}

  private static final Set<String> PLURALS =
      Set.of("men", "women", "children", "feet", "mice", "geese", "teeth", "oxen", "criteria");

  static boolean isPlural(String word) {
    return PLURALS.contains(word) || word.endsWith("s") && !singular(word).equals(word);
  }

  private static final Set<String> PARTICIPLES =
      Set.of(
          "paid", "sold", "built", "sent", "kept", "made", "taken", "given", "written", "drawn",
          "won", "met", "begun", "broken", "chosen", "driven", "frozen", "stolen", "thrown", "worn",
          "caught", "lent", "laid", "born", "sown", "bought", "brought", "grown", "flown", "held",
          "read", "done", "found", "lost", "left", "hung", "cut", "put", "shut", "spent");

  /** Whether the word is the past participle of a verb, as in "the bills paid". */
  static boolean isParticiple(String word) {
    return PARTICIPLES.contains(word)
        || word.length() > 4 && word.endsWith("ed") && !word.endsWith("eed");
  }

  static String singular(String word) {
    String irregular = IRREGULAR.get(word);
    if (irregular != null && !word.endsWith("ed")) {
      return irregular;
    }
    if (word.length() <= 3) {
      return word;
    }
    if (word.endsWith("ies") && word.length() > 4) {
      // "movies" and "cities": only a dictionary tells.
      return isNounWithout(word, "s")
          ? word.substring(0, word.length() - 1)
          : word.substring(0, word.length() - 3) + "y";
    }
    if (endsWithAny(word, "sses", "shes", "ches", "xes", "zes")) {
      return word.substring(0, word.length() - (isNounWithout(word, "s") ? 1 : 2));
    }
    if (word.endsWith("s") && !endsWithAny(word, "ss", "us", "is")) {
      return word.substring(0, word.length() - 1);
    }
    return word;
  }

  private static boolean isNounWithout(String word, String ending) {
    return EnglishDictionary.instance().isNoun(word.substring(0, word.length() - ending.length()));
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
    if (base.length() == 3 && word.length() > 5 && isShortSyllable(base)) {
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

  /** The verb that a noun of an action is made from: inspection, shipment, arrival, delivery. */
  static Optional<String> verbOf(String noun) {
    if (noun.endsWith("llation") && noun.length() > 9) {
      return Optional.of(noun.substring(0, noun.length() - 6));
    } else if (noun.endsWith("ation") && noun.length() > 7) {
      return Optional.of(noun.substring(0, noun.length() - 3) + "e");
    } else if (noun.endsWith("ction") || noun.endsWith("ption")) {
      return Optional.of(noun.substring(0, noun.length() - 3));
    } else if (noun.endsWith("ment") && noun.length() > 6) {
      return Optional.of(noun.substring(0, noun.length() - 4));
    } else if (noun.endsWith("ture") && noun.length() > 6) {
      return Optional.of(noun.substring(0, noun.length() - 3));
    } else if (noun.endsWith("ival") && noun.length() > 6) {
      return Optional.of(noun.substring(0, noun.length() - 2) + "e");
    } else if (noun.endsWith("ery") && noun.length() > 6) {
      return Optional.of(noun.substring(0, noun.length() - 1));
    }
    return Optional.empty();
  }

  private static boolean endsWithAny(String word, String... endings) {
    for (String ending : endings) {
      if (word.endsWith(ending)) {
        return true;
      }
    }
    return false;
  }

  /** Consonant, vowel, consonant: "tak" of "taking", which has lost an e. */
  private static boolean isShortSyllable(String base) {
    return "aeiou".indexOf(base.charAt(0)) < 0
        && "aeiou".indexOf(base.charAt(1)) >= 0
        && "aeiouwxy".indexOf(base.charAt(2)) < 0;
  }

  static String plural(String phrase) {
    if (phrase.matches(".*[^aeiou]y")) {
      return phrase.substring(0, phrase.length() - 1) + "ies";
    }
    return phrase.matches(".*(s|x|z|ch|sh)") ? phrase + "es" : phrase + "s";
  }
}
