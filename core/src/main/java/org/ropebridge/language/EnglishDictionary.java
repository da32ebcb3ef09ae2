package org.ropebridge.language;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Which words are English, and in which forms: the words of WordNet 3.1, its exceptions, and its
 * rules of detachment. Loaded when it is first needed; takes some 10 MB.
 */
final class EnglishDictionary {
  private static final String FOLDER = "/net/sf/extjwnl/data/wordnet/wn31/";
  private static final List<String> KINDS = List.of("noun", "verb", "adj", "adv");
  private static final String NEVER_DOUBLED = "aeiouwxy";
  private static final String INSTANCE = "@i";
  private static final String KIND_OF = "@";
  private static final int SHORTEST = 3;
  private static final int SHORT = 4;

  /** Words with a task in sentences, which are no nouns, verbs, adjectives or adverbs. */
  private static final Set<String> OF_SENTENCES =
      Set.of(
          ("the and for nor but yet you your yours our ours its his her hers him she they them their"
                  + " theirs mine myself itself themselves are was were been being has had have having"
                  + " did does done doing can could may might must shall should will would not how why"
                  + " who whom whose what when where which while whether this that these those there"
                  + " than then from with without within into onto upon until unless since between"
                  + " among amongst during against toward towards across along around about above below"
                  + " beneath beside besides behind beyond despite except through throughout over under"
                  + " after before because although though all any each every either neither both other"
                  + " others another such same some many much more most few several per via everyone"
                  + " everybody everything anyone anybody anything someone somebody something nobody"
                  + " nothing none")
              .split(" "));

  /**
   * An ending that is taken off, and what is put there, to find a word as dictionaries have it.
   *
   * @param kinds of the words that have it
   * @param isDoubling whether a last consonant may be doubled before it
   */
  private record Ending(String off, String on, Set<String> kinds, boolean isDoubling) {}

  private static final Set<String> THINGS_AND_ACTIONS = Set.of("noun", "verb");
  private static final Set<String> ACTIONS = Set.of("verb");
  private static final Set<String> QUALITIES = Set.of("adj", "adv");

  private static final List<Ending> ENDINGS =
      List.of(
          new Ending("s", "", THINGS_AND_ACTIONS, false),
          new Ending("es", "", THINGS_AND_ACTIONS, false),
          new Ending("ies", "y", THINGS_AND_ACTIONS, false),
          new Ending("ed", "e", ACTIONS, false),
          new Ending("ed", "", ACTIONS, true),
          new Ending("ied", "y", ACTIONS, false),
          new Ending("ing", "e", ACTIONS, false),
          new Ending("ing", "", ACTIONS, true),
          new Ending("er", "", QUALITIES, true),
          new Ending("er", "e", QUALITIES, false),
          new Ending("ier", "y", QUALITIES, false),
          new Ending("est", "", QUALITIES, true),
          new Ending("est", "e", QUALITIES, false),
          new Ending("iest", "y", QUALITIES, false));

  private static final Pattern HISSING = Pattern.compile(".*(s|x|z|ch|sh|o)");

  /** Words that were met in texts when they were given their senses, and so are usual. */
  private final Set<String> usual = new HashSet<>(OF_SENTENCES);

  private final Set<String> rare = new HashSet<>();

  /** The words of each kind. */
  private final Map<String, Set<String>> words = new HashMap<>();

  /** Irregular forms of a word. */
  private final Map<String, Set<String>> formsOf = new HashMap<>();

  /** What a word is an irregular form of. */
  private final Map<String, Set<String>> lemmasOf = new HashMap<>();

  private EnglishDictionary() {
    for (String kind : KINDS) {
      read("index." + kind, line -> word(kind, line.split(" ")));
      read(kind + ".exc", line -> exception(line.split(" ")));
    }
  }

  private static final class Holder {
    private static final EnglishDictionary INSTANCE = new EnglishDictionary();
  }

  static EnglishDictionary instance() {
    return Holder.INSTANCE;
  }

  private interface Line {
    void read(String line);
  }

  private static void read(String file, Line reader) {
    try (InputStream in = EnglishDictionary.class.getResourceAsStream(FOLDER + file);
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.US_ASCII))) {
      // The licence stands first, in lines that begin with spaces.
      lines.lines().filter(l -> !l.isEmpty() && l.charAt(0) != ' ').forEach(reader::read);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A line of an index: word, kind, senses, pointers and their kinds, senses again, usual ones.
   * Names of persons and places are left out.
   */
  private void word(String kind, String[] cells) {
    String word = cells[0];
    if (word.length() < SHORTEST || !word.chars().allMatch(Character::isLetter)) {
      return;
    }
    int pointers = Integer.parseInt(cells[3]);
    List<String> kinds = List.of(cells).subList(4, 4 + pointers);
    if (kinds.contains(INSTANCE) && !kinds.contains(KIND_OF)) {
      return;
    }
    boolean isUsual = Integer.parseInt(cells[4 + pointers + 1]) > 0;
    (isUsual ? usual : rare).add(word);
    words.computeIfAbsent(kind, k -> new HashSet<>()).add(word);
  }

  private void exception(String[] cells) {
    for (int i = 1; i < cells.length; i++) {
      formsOf.computeIfAbsent(cells[i], w -> new LinkedHashSet<>()).add(cells[0]);
      lemmasOf.computeIfAbsent(cells[0], w -> new LinkedHashSet<>()).add(cells[i]);
    }
  }

  /**
   * Whether a plain word is right as it is. Of short words only usual ones are: nearly any three or
   * four letters are a rare word of something.
   */
  boolean has(String word) {
    return !lemmas(word).isEmpty();
  }

  /** The words as dictionaries have them that a plain word may be a form of; none for others. */
  Set<String> lemmas(String word) {
    Set<String> lemmas = new HashSet<>(lemmasOf.getOrDefault(word, Set.of()));
    if (isEntry(word, word)) {
      lemmas.add(word);
    }
    for (Ending ending : ENDINGS) {
      if (word.endsWith(ending.off())) {
        addLemmas(word, ending, lemmas);
      }
    }
    return lemmas;
  }

  private void addLemmas(String word, Ending ending, Set<String> lemmas) {
    String rest = word.substring(0, word.length() - ending.off().length());
    String base = rest + ending.on();
    if (isWritten(rest, ending) && isOf(base, word, ending)) {
      lemmas.add(base);
    }
    if (ending.isDoubling() && isDoubled(rest) && isOf(withoutLast(rest), word, ending)) {
      lemmas.add(withoutLast(rest));
    }
  }

  /** Whether the ending is written so behind what is left: "boxes" and "huts", not "thiss". */
  private static boolean isWritten(String rest, Ending ending) {
    if (!ending.on().isEmpty()) {
      return true;
    }
    boolean hisses = HISSING.matcher(rest).matches();
    return switch (ending.off()) {
      case "s" -> !hisses || rest.endsWith("o");
      case "es" -> hisses;
      default -> !rest.endsWith("e") || ending.off().equals("ing");
    };
  }

  private boolean isOf(String base, String word, Ending ending) {
    return isEntry(base, word)
        && ending.kinds().stream().anyMatch(k -> words.getOrDefault(k, Set.of()).contains(base));
  }

  private boolean isEntry(String base, String word) {
    return usual.contains(base) || word.length() > SHORT && rare.contains(base);
  }

  /** "stopp", which an ending leaves of "stopped"; not "billl". */
  private static boolean isDoubled(String rest) {
    int n = rest.length();
    return n > SHORTEST
        && NEVER_DOUBLED.indexOf(rest.charAt(n - 1)) < 0
        && rest.charAt(n - 1) == rest.charAt(n - 2)
        && rest.charAt(n - 2) != rest.charAt(n - 3);
  }

  private static String withoutLast(String word) {
    return word.substring(0, word.length() - 1);
  }

  boolean isNoun(String word) {
    return words.get("noun").contains(word);
  }

  boolean isVerb(String word) {
    return words.get("verb").contains(word);
  }

  boolean isAdjective(String word) {
    return words.get("adj").contains(word);
  }

  /** The other forms of a plain word: plural, past and the like. */
  Set<String> forms(String word) {
    Set<String> forms = new LinkedHashSet<>(formsOf.getOrDefault(word, Set.of()));
    boolean isVerb = isVerb(word);
    if (isVerb || isNoun(word)) {
      forms.add(EnglishInflection.plural(word));
    }
    if (isVerb) {
      boolean silent = word.endsWith("e");
      String base = silent ? word.substring(0, word.length() - 1) : word;
      String past = word.matches(".*[^aeiou]y") ? word.substring(0, word.length() - 1) + "i" : base;
      forms.add(past + "ed");
      forms.add(base + "ing");
    }
    return forms;
  }
}
