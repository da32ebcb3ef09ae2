package org.ropebridge.language;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ropebridge.model.Plural;

/** Singulars, plurals and stems of English words, in plain lower case. */
final class EnglishInflection {
  /** One word, and of what it is. */
  private static final Pattern OF =
      Pattern.compile(
          "(\\p{L}+) of (?:the |a |an )?(\\p{L}+(?: \\p{L}+)?)", Pattern.CASE_INSENSITIVE);

  /** Shorter verbs have too many words that only look as if made of them: "ration" of "rate". */
  private static final int SHORTEST_VERB = 4;

  private static final int LONGEST_WITH_ENDING = 6;

  /** Plurals that no ending leads back to their singulars; those without one are their own. */
  private static final Map<String, String> NOUNS = nouns();

  /** Irregular forms of verbs and what they are forms of. */
  private static final Map<String, String> VERBS =
      Map.ofEntries(
          Map.entry("stayed", "stay"),
          Map.entry("used", "use"),
          Map.entry("owed", "owe"),
          Map.entry("lost", "lose"),
          Map.entry("left", "leave"),
          Map.entry("paid", "pay"),
          Map.entry("sold", "sell"),
          Map.entry("using", "use"),
          Map.entry("owing", "owe"),
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
          Map.entry("bred", "breed"));

  /** Verbs whose nouns are made without an ending. */
  private static final Map<String, String> VERBS_OF_NOUNS =
      Map.ofEntries(
          Map.entry("sale", "sell"),
          Map.entry("loan", "lend"),
          Map.entry("gift", "give"),
          Map.entry("loss", "lose"),
          Map.entry("complaint", "complain"),
          Map.entry("flight", "fly"),
          Map.entry("growth", "grow"),
          Map.entry("choice", "choose"),
          Map.entry("receipt", "receive"),
          Map.entry("theft", "steal"),
          Map.entry("usage", "use"),
          Map.entry("closure", "close"),
          Map.entry("maintenance", "maintain"),
          Map.entry("entry", "enter"),
          Map.entry("trial", "try"),
          Map.entry("owner", "own"));

  /** Plurals of nouns of two letters: "ads", "tvs"; "gas" and "bus" are none. */
  private static final Pattern SHORT_PLURAL = Pattern.compile("[a-z][b-df-hj-np-rtv-xz]s");

  private static final int SHORTEST_BASE = 3;
  private static final int SHORTEST_GERUND = 6;
  private static final int SHORTEST_SUPERLATIVE = 5;

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
          "read", "done", "found", "lost", "left", "hung", "cut", "put", "shut", "spent", "used",
          "owed", "burnt", "eaten", "ridden", "told");

  /** Words that say how somebody was, as participles say what was done. */
  private static final Set<String> STATES = Set.of("absent", "present");

  /**
   * Whether the word is the past participle of a verb, as in "the bills paid", or as good as one.
   */
  static boolean isParticiple(String word) {
    return PARTICIPLES.contains(word)
        || STATES.contains(word)
        || word.length() > 4 && word.endsWith("ed") && !word.endsWith("eed");
  }

  static String singular(String word) {
    String irregular = NOUNS.get(word);
    if (irregular != null) {
      return irregular;
    }
    if (word.length() <= 3) {
      return SHORT_PLURAL.matcher(word).matches() && !word.equals("its")
          ? word.substring(0, 2)
          : word;
    }
    if (word.endsWith("ies") && word.length() > 4) {
      // "movies" and "cities": only a dictionary tells.
      return isNounWithout(word, "s")
          ? word.substring(0, word.length() - 1)
          : word.substring(0, word.length() - 3) + "y";
    }
    if (word.endsWith("ses") && !isNounWithout(word, "s") && isSis(word)) {
      return word.substring(0, word.length() - 2) + "is";
    }
    if (endsWithAny(word, "sses", "shes", "ches", "xes", "zes")) {
      return word.substring(0, word.length() - (isNounWithout(word, "s") ? 1 : 2));
    }
    if (word.endsWith("s") && !endsWithAny(word, "ss", "us", "is")) {
      return word.substring(0, word.length() - 1);
    }
    return word;
  }

  /** "diagnoses", of a diagnosis. */
  private static boolean isSis(String word) {
    String singular = word.substring(0, word.length() - 2) + "is";
    return EnglishDictionary.instance().isNoun(singular);
  }

  private static boolean isNounWithout(String word, String ending) {
    return EnglishDictionary.instance().isNoun(word.substring(0, word.length() - ending.length()));
  }

  /** Shared by all forms of a word: arrive, arrives, arrived, arriving. */
  static String stem(String word) {
    String base = singular(word);
    if (NOUNS.containsKey(word)) {
      return base;
    } else if (VERBS.containsKey(word)) {
      base = VERBS.get(word);
    } else if (word.length() == 4 && word.endsWith("ied")) {
      // died, lied, tied
      base = word.substring(0, 3);
    } else if (base.length() > 5 && base.endsWith("ing")) {
      base = base.substring(0, base.length() - 3);
    } else if (base.length() > 4 && base.endsWith("ied")) {
      base = base.substring(0, base.length() - 3) + "y";
    } else if (base.length() > 4 && base.endsWith("ed") && !base.endsWith("eed")) {
      base = base.substring(0, base.length() - 2);
    }
    if (base.length() == 3 && word.length() > 4 && isShortSyllable(base)) {
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

  /** "purchase date" of "date of the purchase"; empty for other names. */
  static Optional<String> turned(String name) {
    Matcher of = OF.matcher(name);
    return of.matches() ? Optional.of(of.group(2) + " " + of.group(1)) : Optional.empty();
  }

  /** The adjective that a noun of a quality is made from: "punctual" of "punctuality". */
  static Optional<String> adjectiveOf(String noun) {
    List<String> may = new ArrayList<>();
    if (noun.startsWith("how ")) {
      may.add(noun.substring("how ".length()));
    } else if (noun.endsWith("bility")) {
      may.add(noun.substring(0, noun.length() - 5) + "le");
    } else if (noun.endsWith("iness")) {
      may.add(noun.substring(0, noun.length() - 5) + "y");
    } else if (noun.endsWith("ness")) {
      may.add(noun.substring(0, noun.length() - 4));
    } else if (noun.endsWith("ity")) {
      may.add(noun.substring(0, noun.length() - 3));
      may.add(noun.substring(0, noun.length() - 3) + "e");
      may.add(noun.substring(0, noun.length() - 3) + "ous");
    } else if (noun.endsWith("ency") || noun.endsWith("ancy")) {
      may.add(noun.substring(0, noun.length() - 2) + "t");
    }
    return may.stream().filter(EnglishDictionary.instance()::isAdjective).findFirst();
  }

  /** Whether the word ends as superlatives do, and is no noun. */
  static boolean looksSuperlative(String word) {
    return word.length() > SHORTEST_SUPERLATIVE
        && word.endsWith("est")
        && !EnglishDictionary.instance().isNoun(word);
  }

  /** "fullest" of "full", for short adjectives. */
  static Optional<String> superlativeOf(String adjective) {
    if (adjective.length() > LONGEST_WITH_ENDING) {
      return Optional.empty();
    } else if (adjective.endsWith("e")) {
      return Optional.of(adjective + "st");
    }
    return Optional.of(
        adjective.endsWith("y")
            ? adjective.substring(0, adjective.length() - 1) + "iest"
            : adjective + "est");
  }

  /** Nouns that are made of the verb of a participle: "cancellation", "refund", "approval". */
  static Set<String> nounsOf(String participle) {
    EnglishDictionary dictionary = EnglishDictionary.instance();
    Set<String> nouns = new LinkedHashSet<>();
    for (String verb : dictionary.lemmas(participle)) {
      String bare = verb.endsWith("e") ? verb.substring(0, verb.length() - 1) : verb;
      String doubled = bare + bare.charAt(bare.length() - 1);
      for (String base : List.of(bare, doubled, verb)) {
        for (String ending : List.of("", "ation", "ion", "al", "ment", "y", "ure")) {
          String noun = base + ending;
          boolean known = bare.length() >= SHORTEST_VERB || ending.equals("ment");
          if (known && dictionary.isNoun(noun) && !noun.equals(participle)) {
            nouns.add(noun);
          }
        }
      }
      // "resolution" of "resolve".
      String solved = verb.endsWith("lve") ? verb.substring(0, verb.length() - 2) + "ution" : "";
      if (dictionary.isNoun(solved)) {
        nouns.add(solved);
      }
    }
    return nouns;
  }

  /** "stop" of "stopp", "leak" of "leak", "use" of "us". */
  private static Optional<String> verbWithin(String base) {
    int n = base.length();
    String single = base.charAt(n - 1) == base.charAt(n - 2) ? base.substring(0, n - 1) : base;
    return Stream.of(single, base, base + "e")
        .filter(EnglishDictionary.instance()::isVerb)
        .findFirst();
  }

  /** The verb that a word in "-ing" is a form of: "pay" of "paying". */
  static Optional<String> verbOfGerund(String word) {
    return word.endsWith("ing") && word.length() >= SHORTEST_GERUND
        ? verbWithin(word.substring(0, word.length() - 3))
        : Optional.empty();
  }

  /**
   * What is put in the place of a noun's ending for the verb that it is made from.
   *
   * @param off the ending
   * @param on what may stand there instead, the likeliest first
   */
  private record VerbEnding(String off, List<String> on) {}

  /** The longest endings come first. */
  private static final List<VerbEnding> VERB_ENDINGS =
      List.of(
          new VerbEnding("llation", List.of("ll", "l", "llate")),
          new VerbEnding("ication", List.of("y", "icate")),
          new VerbEnding("ration", List.of("rate", "re", "er", "r")),
          new VerbEnding("ation", List.of("ate", "e", "")),
          new VerbEnding("ription", List.of("ribe")),
          new VerbEnding("uction", List.of("uce", "uct")),
          new VerbEnding("umption", List.of("ume")),
          new VerbEnding("olution", List.of("olve")),
          new VerbEnding("ssion", List.of("ss", "t")),
          new VerbEnding("rsion", List.of("rt", "rse")),
          new VerbEnding("sion", List.of("d", "de", "se")),
          new VerbEnding("tion", List.of("t", "te")),
          new VerbEnding("ment", List.of("")),
          new VerbEnding("ings", List.of("", "e")),
          new VerbEnding("ance", List.of("", "e")),
          new VerbEnding("ence", List.of("", "e")),
          new VerbEnding("age", List.of("", "e")),
          new VerbEnding("ure", List.of("", "e")),
          new VerbEnding("ery", List.of("er")),
          new VerbEnding("al", List.of("", "e")));

  /** The verb that a noun of an action is made from: inspection, shipment, arrival, delivery. */
  static Optional<String> verbOf(String noun) {
    EnglishDictionary dictionary = EnglishDictionary.instance();
    String irregular = VERBS_OF_NOUNS.get(singular(noun));
    if (irregular != null) {
      return Optional.of(irregular);
    } else if (dictionary.isVerb(noun)) {
      return Optional.empty();
    }
    return VERB_ENDINGS.stream()
        .filter(e -> noun.endsWith(e.off()) && noun.length() >= e.off().length() + SHORTEST_BASE)
        .flatMap(
            e -> {
              String base = noun.substring(0, noun.length() - e.off().length());
              return e.on().stream().flatMap(on -> verbs(base, on));
            })
        .filter(dictionary::isVerb)
        .findFirst();
  }

  /** "refer" of "referral" as well as "rent" of "rental". */
  private static Stream<String> verbs(String base, String on) {
    int n = base.length();
    boolean doubled = on.isEmpty() && base.charAt(n - 1) == base.charAt(n - 2);
    return doubled ? Stream.of(base.substring(0, n - 1), base) : Stream.of(base + on);
  }

  /** What somebody is of whom such a row tells: "absent" of "absence". */
  static Optional<String> stateOf(String noun) {
    return noun.matches("[a-z]{3,}[ae]nce")
        ? Optional.of(noun.substring(0, noun.length() - 2) + "t").filter(STATES::contains)
        : Optional.empty();
  }

  /** What somebody of that name does: "sell" of "seller", "buy" of "buyer". */
  static Optional<String> deedOf(String noun) {
    return noun.matches("[a-z]{4,}[eo]r|[a-z]{2}yer")
        ? verbWithin(noun.substring(0, noun.length() - 2))
        : Optional.empty();
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

  private static Map<String, String> nouns() {
    Map<String, String> nouns =
        new HashMap<>(
            Map.ofEntries(
                Map.entry("ups", "up"),
                Map.entry("ins", "in"),
                Map.entry("tos", "to"),
                Map.entry("bys", "by"),
                Map.entry("ons", "on"),
                Map.entry("ats", "at"),
                Map.entry("offs", "off"),
                Map.entry("indices", "index"),
                Map.entry("analyses", "analysis"),
                Map.entry("bases", "basis"),
                Map.entry("crises", "crisis"),
                Map.entry("theses", "thesis"),
                Map.entry("earnings", "earnings"),
                Map.entry("takings", "takings"),
                Map.entry("savings", "savings"),
                Map.entry("surroundings", "surroundings"),
                Map.entry("belongings", "belongings")));
    Plural.IRREGULAR.forEach((singular, plural) -> nouns.put(plural, singular));
    return Map.copyOf(nouns);
  }

  static String plural(String phrase) {
    return Plural.of(phrase);
  }
}
