package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.ropebridge.model.ColumnRef;

/**
 * Every phrase and what it may mean, found by a key that joins the stems of its words: "guest
 * nights", "guestnight" and "guest-nights" share one. Filled by one thread, before others look.
 */
final class Entries {
  /** What words of the language may stand for, the likeliest kind first. */
  static final List<Class<?>> KINDS =
      List.of(
          Meaning.MetricName.class,
          Meaning.RowNoun.class,
          Meaning.ColumnName.class,
          Meaning.ConditionName.class,
          Meaning.ValueName.class);

  /** Most values of the same words that are looked at. */
  private static final int MOST_ALIKE = 32;

  /** How many values of large columns have their keys worked out before these are kept. */
  private static final int KEYED_AT_ONCE = 50_000;

  private final WordForms forms;
  private final Vocabulary vocabulary;
  private final Slips slips;
  private final Map<String, List<Entry>> entries;
  private final ValueTable manyValues;

  /** The stems of the words that items go by. */
  private final Map<Meaning, Set<String>> nameWords;

  /** The words, in the singular, by which one person means something of their own. */
  private final Set<String> own;

  /** What they mean, by the stems of the words. */
  private final Map<String, List<Entry>> ownEntries;

  Entries(Vocabulary vocabulary) {
    this.forms = new WordForms(vocabulary);
    this.vocabulary = vocabulary;
    this.slips = new Slips(vocabulary);
    this.entries = new HashMap<>();
    this.manyValues = new ValueTable();
    this.nameWords = new HashMap<>();
    this.own = Set.of();
    this.ownEntries = Map.of();
  }

  /** The same words and those of one person; all but these is shared. */
  private Entries(Entries all, Map<String, Meaning> meantByOne) {
    this.forms = all.forms;
    this.vocabulary = all.vocabulary;
    this.slips = all.slips;
    this.entries = all.entries;
    this.manyValues = all.manyValues;
    this.nameWords = all.nameWords;
    this.own = new HashSet<>();
    this.ownEntries = new HashMap<>();
    meantByOne.forEach(
        (phrase, meaning) -> {
          List<String> words = forms.words(phrase);
          if (!words.isEmpty()) {
            own.add(WordForms.compact(forms.singulars(words)));
            put(ownEntries, words, meaning, Mention.Found.OWN);
          }
        });
  }

  /** The same words, some of which mean what one person means by them. */
  Entries with(Map<String, Meaning> meantByOne) {
    return new Entries(this, meantByOne);
  }

  /**
   * A phrase and what it may mean.
   *
   * @param compact its words, written together
   * @param singular the same in the singular
   * @param stems their stems, written together
   */
  record Entry(String compact, String singular, String stems, Meaning meaning, Mention.Found how) {

    boolean isNameOfItem() {
      return how == Mention.Found.EXACT && KINDS.contains(meaning.getClass());
    }
  }

  WordForms forms() {
    return forms;
  }

  Slips slips() {
    return slips;
  }

  /** Whether a person means something of their own by the word, which is in the singular. */
  boolean isOwn(String singular) {
    return own.contains(singular);
  }

  /** The stems of the words that the item goes by. */
  Set<String> nameWords(Meaning item) {
    return nameWords.getOrDefault(item, Set.of());
  }

  /** The items that go by a word, by its stem. */
  Map<String, Set<Meaning>> itemsByNameWord() {
    Map<String, Set<Meaning>> byStem = new HashMap<>();
    nameWords.forEach(
        (item, stems) ->
            stems.forEach(s -> byStem.computeIfAbsent(s, k -> new HashSet<>()).add(item)));
    return byStem;
  }

  /** Whether nothing goes by a word of this stem. */
  boolean isFree(String stem) {
    return entries.getOrDefault(stem, List.of()).isEmpty();
  }

  /**
   * Whether no item of the model goes by a word of this stem, and no word of the language but what
   * was done: "priced". That a value is called so does not take it away.
   */
  boolean mayStandIn(String stem, Predicate<String> isParticiple) {
    return entries.getOrDefault(stem, List.of()).stream()
        .allMatch(
            e ->
                e.meaning() instanceof Meaning.ValueName
                    || e.meaning() instanceof Meaning.FunctionWord
                        && isParticiple.test(e.compact()));
  }

  /** The model's own items that go by exactly these words. */
  List<Entry> itemsCalled(String phrase) {
    List<String> words = forms.words(phrase);
    String singular = WordForms.compact(forms.singulars(words));
    return entries.getOrDefault(WordForms.compact(forms.stems(words)), List.of()).stream()
        .filter(e -> e.isNameOfItem() && e.singular().equals(singular))
        .toList();
  }

  /**
   * Lets a phrase mean something.
   *
   * @param forSlips whether slips of the words may be found
   * @return its words
   */
  List<String> add(String phrase, Meaning meaning, Mention.Found how, boolean forSlips) {
    List<String> words = forms.words(phrase);
    if (words.isEmpty()) {
      return words;
    }
    if (isNamed(meaning) && how != Mention.Found.AKIN) {
      nameWords.computeIfAbsent(meaning, m -> new HashSet<>()).addAll(forms.stems(words));
    }
    put(entries, words, meaning, how);
    if (forSlips || meaning instanceof Meaning.FunctionWord) {
      words.forEach(slips::add);
      if (words.size() == 2) {
        slips.add(WordForms.compact(words));
      }
    }
    return words;
  }

  /** Whether it is an item that has names of its own in the model, and no value. */
  static boolean isNamed(Meaning meaning) {
    return KINDS.contains(meaning.getClass()) && !(meaning instanceof Meaning.ValueName);
  }

  private void put(
      Map<String, List<Entry>> into, List<String> words, Meaning meaning, Mention.Found how) {
    Entry entry =
        new Entry(
            WordForms.compact(words),
            WordForms.compact(forms.singulars(words)),
            WordForms.compact(forms.stems(words)),
            meaning,
            how);
    for (String key :
        List.of(WordForms.compact(forms.stems(words)), vocabulary.stem(WordForms.compact(words)))) {
      List<Entry> same = into.computeIfAbsent(key, k -> new ArrayList<>(2));
      if (!same.contains(entry)) {
        same.add(entry);
      }
    }
  }

  /** Keeps the values of a large column compactly. Their keys are worked out by several threads. */
  void addLarge(ColumnRef ref, List<String> stored) {
    int value = manyValues.begin(ref, stored);
    for (int from = 0; from < stored.size(); from += KEYED_AT_ONCE) {
      List<String> some = stored.subList(from, Math.min(stored.size(), from + KEYED_AT_ONCE));
      for (long[] keys : some.parallelStream().map(this::keys).toList()) {
        for (long key : keys) {
          manyValues.put(key, value);
        }
        value++;
      }
    }
  }

  /** The keys by which a value is found: of its words one by one, and of all as one word. */
  private long[] keys(String text) {
    List<String> words = forms.words(text);
    if (words.isEmpty()) {
      return new long[0];
    }
    String stems = WordForms.compact(forms.stems(words));
    String together = vocabulary.stem(WordForms.compact(words));
    return together.equals(stems)
        ? new long[] {ValueTable.key(stems)}
        : new long[] {ValueTable.key(stems), ValueTable.key(together)};
  }

  /** The entries of a key, those of large columns made anew. */
  List<Entry> of(String key) {
    List<Entry> known = entries.getOrDefault(key, List.of());
    List<Entry> mine = ownEntries.getOrDefault(key, List.of());
    if (manyValues.isEmpty() && mine.isEmpty()) {
      return known;
    }
    List<Entry> all = new ArrayList<>(mine);
    all.addAll(known);
    manyValues.find(
        key,
        value -> {
          String stored = manyValues.stored(value);
          List<String> words = forms.words(stored);
          String stems = WordForms.compact(forms.stems(words));
          boolean sameKey =
              stems.equals(key) || vocabulary.stem(WordForms.compact(words)).equals(key);
          if (sameKey && all.size() < MOST_ALIKE) {
            all.add(
                new Entry(
                    WordForms.compact(words),
                    WordForms.compact(forms.singulars(words)),
                    stems,
                    new Meaning.ValueName(manyValues.column(value), stored),
                    Mention.Found.EXACT));
          }
        });
    return all;
  }
}
