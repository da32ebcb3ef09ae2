package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ropebridge.model.Nearest;

/**
 * Finds the known words that a slip of the keyboard may have been meant to be. Short words are left
 * alone. What finds them is made when the first unknown word comes: a model that is only checked
 * seldom meets one. Words are added by one thread, before others look for them.
 */
final class Slips {
  private static final int SHORTEST = 4;
  private static final int LONG = 9;

  /** Words as near as each other are all tried; what stands beside them decides. */
  static final int MOST_CANDIDATES = 4;

  private final Set<String> words = new HashSet<>();
  private volatile Map<String, List<String>> byDeletion;

  void add(String word) {
    if (word.length() >= SHORTEST && word.chars().allMatch(Character::isLetter)) {
      words.add(word);
    }
  }

  /** Makes what finds the words, unless it is there. */
  Map<String, List<String>> prepare() {
    Map<String, List<String>> made = byDeletion;
    if (made == null) {
      synchronized (this) {
        made = byDeletion == null ? index() : byDeletion;
        byDeletion = made;
      }
    }
    return made;
  }

  private Map<String, List<String>> index() {
    Map<String, List<String>> index = new HashMap<>();
    for (String word : words) {
      for (String key : keys(word)) {
        index.computeIfAbsent(key, k -> new ArrayList<>(1)).add(word);
      }
    }
    return index;
  }

  /** The words that were most likely meant, all equally near; none when no word is near. */
  List<String> candidates(String typed) {
    if (typed.length() < SHORTEST || !typed.chars().allMatch(Character::isLetter)) {
      return List.of();
    }
    Set<String> near = new HashSet<>();
    Map<String, List<String>> index = prepare();
    keys(typed).forEach(key -> near.addAll(index.getOrDefault(key, List.of())));
    List<String> slips =
        near.stream()
            .filter(w -> isSlip(typed, w))
            .sorted(
                Comparator.comparingInt((String w) -> Nearest.distance(typed, w))
                    .thenComparing(
                        w -> w.charAt(w.length() - 1) != typed.charAt(typed.length() - 1))
                    .thenComparing(w -> w))
            .toList();
    if (slips.isEmpty()) {
      return List.of();
    }
    int least = Nearest.distance(typed, slips.get(0));
    return slips.stream()
        .filter(w -> Nearest.distance(typed, w) == least)
        .limit(MOST_CANDIDATES)
        .toList();
  }

  private static boolean isSlip(String typed, String word) {
    int distance = Nearest.distance(typed, word);
    int shorter = Math.min(typed.length(), word.length());
    if (shorter == SHORTEST) {
      return distance == 1 && (typed.length() != word.length() || isSwap(typed, word));
    }
    return distance <= (shorter >= LONG ? 2 : 1) && typed.charAt(0) == word.charAt(0)
        || distance == 1 && isSwap(typed, word);
  }

  private static boolean isSwap(String typed, String word) {
    char[] a = typed.toCharArray();
    char[] b = word.toCharArray();
    java.util.Arrays.sort(a);
    java.util.Arrays.sort(b);
    return java.util.Arrays.equals(a, b);
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
