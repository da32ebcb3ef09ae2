package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Finds the known words that a slip of the keyboard may have been meant to be, in all their forms.
 * A slip is weighed by how people mistype: swapped and doubled letters and neighbouring keys are
 * likelier than others, and the first letter is seldom wrong. Right words of the language are no
 * slips. What finds the words is made when the first unknown word comes: a model that is only
 * checked seldom meets one. Words are added by one thread, before others look for them.
 */
final class Slips {
  private static final int SHORTEST = 4;
  private static final int SHORTEST_TYPED = 3;
  private static final int MIDDLING = 5;
  private static final int LONG = 9;

  private static final double SWAPPED = 0.6;
  private static final double DOUBLED = 0.6;
  private static final double NEIGHBOUR = 0.8;
  private static final double LETTER_MORE_OR_LESS = 1;
  private static final double OTHER_LETTER = 1.3;
  private static final double FIRST_LETTER = 0.5;

  /** What a slip may weigh, for words of so many letters. */
  private static final double MOST_IN_SHORT = 1;

  private static final double MOST_IN_MIDDLING = 1.4;
  private static final double MOST_IN_LONG = 2.3;

  /** Words as likely as each other are all tried; the rest of the question decides. */
  private static final int MOST_CANDIDATES = 4;

  private static final double AS_LIKELY = 0.4;

  private final Vocabulary vocabulary;
  private final Map<String, Integer> words = new HashMap<>();
  private volatile Index made;

  Slips(Vocabulary vocabulary) {
    this.vocabulary = vocabulary;
  }

  /** All forms of the words, by what is left of them without some letters. */
  private record Index(Map<String, List<String>> byDeletion, Map<String, Integer> times) {}

  void add(String word) {
    if (word.length() >= SHORTEST_TYPED && word.chars().allMatch(Character::isLetter)) {
      words.merge(word, 1, Integer::sum);
    }
  }

  /** Makes what finds the words, unless it is there. */
  void prepare() {
    index();
  }

  private Index index() {
    Index index = made;
    if (index == null) {
      synchronized (this) {
        index = made == null ? build() : made;
        made = index;
      }
    }
    return index;
  }

  private Index build() {
    Map<String, Integer> times = new HashMap<>(words);
    words.forEach(
        (word, n) -> vocabulary.forms(word).forEach(form -> times.merge(form, n, Math::max)));
    times.keySet().removeIf(w -> w.length() < SHORTEST);
    Map<String, List<String>> byDeletion = new HashMap<>();
    for (String word : times.keySet()) {
      for (String key : keys(word)) {
        byDeletion.computeIfAbsent(key, k -> new ArrayList<>(1)).add(word);
      }
    }
    return new Index(byDeletion, times);
  }

  /** A word that may have been meant, and how unlikely the slip is. */
  record Candidate(String word, double weight) {}

  /** The words that were most likely meant, the likeliest first; none for right words. */
  List<Candidate> candidates(String typed) {
    return vocabulary.isRightWord(typed) ? List.of() : near(typed);
  }

  /** The same also for right words. */
  List<Candidate> near(String typed) {
    if (typed.length() < SHORTEST_TYPED || !typed.chars().allMatch(Character::isLetter)) {
      return List.of();
    }
    Index index = index();
    Set<String> near = new HashSet<>();
    keys(typed).forEach(key -> near.addAll(index.byDeletion().getOrDefault(key, List.of())));
    List<Candidate> slips =
        near.stream()
            .map(w -> new Candidate(w, weight(typed, w)))
            .filter(c -> c.weight() <= most(Math.min(typed.length(), c.word().length())))
            .sorted(
                Comparator.comparingDouble(Candidate::weight)
                    .thenComparing(c -> -index.times().get(c.word()))
                    .thenComparing(Candidate::word))
            .toList();
    return slips.stream()
        .filter(c -> c.weight() <= slips.get(0).weight() + AS_LIKELY)
        .limit(MOST_CANDIDATES)
        .toList();
  }

  private static double most(int letters) {
    return letters < MIDDLING ? MOST_IN_SHORT : letters < LONG ? MOST_IN_MIDDLING : MOST_IN_LONG;
  }

  /**
   * How unlikely it is that somebody typed one word for the other: the least sum of what letters
   * dropped, added, changed and swapped weigh (optimal string alignment).
   */
  private double weight(String typed, String word) {
    double[][] d = new double[typed.length() + 1][word.length() + 1];
    for (int i = 0; i <= typed.length(); i++) {
      for (int j = 0; j <= word.length(); j++) {
        if (i == 0 && j == 0) {
          continue;
        }
        double least = Double.MAX_VALUE;
        if (i > 0) {
          least = Math.min(least, d[i - 1][j] + (isRepeated(typed, i) ? DOUBLED : single(i)));
        }
        if (j > 0) {
          least = Math.min(least, d[i][j - 1] + (isRepeated(word, j) ? DOUBLED : single(j)));
        }
        if (i > 0 && j > 0) {
          char a = typed.charAt(i - 1);
          char b = word.charAt(j - 1);
          least = Math.min(least, d[i - 1][j - 1] + changed(a, b, i));
          if (i > 1 && j > 1 && a == word.charAt(j - 2) && b == typed.charAt(i - 2)) {
            least = Math.min(least, d[i - 2][j - 2] + SWAPPED);
          }
        }
        d[i][j] = least;
      }
    }
    return d[typed.length()][word.length()];
  }

  private static boolean isRepeated(String word, int at) {
    return at > 1 && word.charAt(at - 1) == word.charAt(at - 2);
  }

  private static double single(int at) {
    return LETTER_MORE_OR_LESS + (at == 1 ? FIRST_LETTER : 0);
  }

  private double changed(char a, char b, int at) {
    if (a == b) {
      return 0;
    }
    return (areNeighbours(a, b) ? NEIGHBOUR : OTHER_LETTER) + (at == 1 ? FIRST_LETTER : 0);
  }

  /**
   * Whether two letters lie side by side on the keyboard. Each row is shifted to the right of that
   * above it, so a key touches two keys of each.
   */
  private boolean areNeighbours(char a, char b) {
    List<String> rows = vocabulary.keyRows();
    for (int row = 0; row < rows.size(); row++) {
      int at = rows.get(row).indexOf(a);
      if (at >= 0) {
        return isAt(rows, row, b, at - 1, at + 1)
            || isAt(rows, row - 1, b, at, at + 1)
            || isAt(rows, row + 1, b, at - 1, at);
      }
    }
    return false;
  }

  private static boolean isAt(List<String> rows, int row, char letter, int one, int other) {
    int at = row < 0 || row >= rows.size() ? -1 : rows.get(row).indexOf(letter);
    return at >= 0 && (at == one || at == other);
  }

  /** The word and all words with one letter (of long words, two letters) left out. */
  private static Set<String> keys(String word) {
    Set<String> keys = new HashSet<>(Set.of(word));
    Set<String> once = withoutOneLetter(word);
    keys.addAll(once);
    if (word.length() >= LONG - 2) {
      once.forEach(w -> keys.addAll(withoutOneLetter(w)));
    }
    return keys;
  }

  private static Set<String> withoutOneLetter(String word) {
    Set<String> shorter = new HashSet<>();
    for (int i = 0; i < word.length(); i++) {
      shorter.add(word.substring(0, i) + word.substring(i + 1));
    }
    return shorter;
  }
}
