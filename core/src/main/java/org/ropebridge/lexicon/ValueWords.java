package org.ropebridge.lexicon;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/** The words that stand for values of columns. */
final class ValueWords {
  private static final int MOST_VALUES_FOR_SLIPS = 2_000;

  /** Values of larger columns are kept compactly, without shortened forms. */
  private static final int MOST_VALUES_IN_FULL = 20_000;

  /** Of more values than these, a word does not stand for one. */
  private static final int MOST_VALUES_FOR_WORDS = 100;

  /** Shorter words of a value do not stand for it. */
  private static final int SHORTEST_VALUE_WORD = 4;

  private final Entries entries;
  private final WordForms forms;
  private final Vocabulary vocabulary;

  /** What rows of tables are called, in the singular: a value of that name is seldom meant. */
  private final Set<String> nouns;

  /** What has a word of a value of several words. */
  private final Map<String, Set<Meaning>> byWord = new LinkedHashMap<>();

  /** The same of values that name rows, by the word, and then by the column. */
  private final Map<String, Map<ColumnRef, Set<Meaning>>> inNames = new LinkedHashMap<>();

  ValueWords(Entries entries, Vocabulary vocabulary, Set<String> nouns) {
    this.entries = entries;
    this.nouns = nouns;
    this.forms = entries.forms();
    this.vocabulary = vocabulary;
  }

  /**
   * Adds the values of a column.
   *
   * @param areNames whether they name the rows of its table
   */
  void add(Column column, ColumnRef ref, List<String> stored, boolean areNames) {
    boolean forSlips = stored.size() <= MOST_VALUES_FOR_SLIPS;
    boolean large = stored.size() > MOST_VALUES_IN_FULL;
    Set<String> named = new HashSet<>();
    for (Column.ValueName value : column.values()) {
      Meaning meaning = new Meaning.ValueName(ref, value.stored());
      named.add(value.stored());
      entries.add(value.name(), meaning, how(value.name()), true);
      vocabulary
          .nounsOf(Tokens.plain(value.name()))
          .forEach(
              n -> entries.add(n, new Meaning.DoneNoun(meaning), Mention.Found.SHORTENED, false));
      value.alsoCalled().forEach(s -> entries.add(s, meaning, Mention.Found.EXACT, true));
      if (value.stored().length() > 1 && !value.stored().equals(value.name())) {
        entries.add(value.stored(), meaning, Mention.Found.EXACT, false);
      }
    }
    if (stored.size() <= MOST_VALUES_FOR_WORDS) {
      collectWords(column, ref, stored, areNames);
    }
    Map<String, Integer> lastWords = new HashMap<>();
    if (large) {
      entries.addLarge(ref, stored);
      return;
    }
    if (areNames) {
      stored.forEach(
          s -> WordForms.lastWord(s).ifPresent(w -> lastWords.merge(w, 1, Integer::sum)));
    }
    for (String value : stored) {
      if (named.contains(value)) {
        continue;
      }
      Meaning meaning = new Meaning.ValueName(ref, value);
      entries.add(value, meaning, how(value), forSlips);
      WordForms.lastWord(value)
          .filter(w -> lastWords.getOrDefault(w, 0) > 1)
          .ifPresent(
              w -> {
                String shorter = Tokens.plain(value);
                shorter = shorter.substring(0, shorter.lastIndexOf(w)).strip();
                entries.add(shorter, meaning, Mention.Found.SHORTENED, forSlips);
              });
    }
  }

  private Mention.Found how(String name) {
    return nouns.contains(vocabulary.singular(Tokens.plain(name)))
        ? Mention.Found.AKIN
        : Mention.Found.EXACT;
  }

  private void collectWords(Column column, ColumnRef ref, List<String> stored, boolean areNames) {
    Map<String, String> names = new LinkedHashMap<>();
    stored.forEach(s -> names.put(s, s));
    column.values().forEach(v -> names.put(v.stored(), v.name()));
    names.forEach(
        (value, name) -> {
          List<String> words = name.indexOf(' ') < 0 ? List.of() : forms.words(name);
          if (words.size() > 1) {
            words.stream()
                .filter(w -> w.length() >= SHORTEST_VALUE_WORD)
                .map(
                    w ->
                        areNames
                            ? inNames
                                .computeIfAbsent(w, k -> new LinkedHashMap<>())
                                .computeIfAbsent(ref, k -> new LinkedHashSet<>())
                            : byWord.computeIfAbsent(w, k -> new LinkedHashSet<>()))
                .forEach(of -> of.add(new Meaning.ValueName(ref, value)));
          }
        });
  }

  /**
   * "diesel", where only one value of any column has that word: "diesel engine"; and "museum",
   * where only one office has it in its name, although a project has it as well.
   */
  void addSingleWords(Set<String> nameWords) {
    Map<String, List<Meaning>> standFor = new LinkedHashMap<>();
    inNames.forEach(
        (word, byColumn) -> {
          boolean once = byColumn.values().stream().allMatch(values -> values.size() == 1);
          if (once && !byWord.containsKey(word)) {
            standFor.put(word, byColumn.values().stream().flatMap(Set::stream).toList());
          }
        });
    byWord.forEach(
        (word, values) -> {
          if (values.size() == 1) {
            standFor.put(word, List.copyOf(values));
          }
        });
    standFor
        .keySet()
        .removeIf(
            word ->
                !entries.isFree(vocabulary.stem(word))
                    || nameWords.contains(vocabulary.stem(word)));
    standFor.forEach(
        (word, values) ->
            values.forEach(v -> entries.add(word, v, Mention.Found.SHORTENED, false)));
  }
}
