package org.ropebridge.model.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.Places;

/**
 * Brings the words of a list to a model. An entry belongs to the item that it names, or else to the
 * one item that goes by one of its words; the other words become synonyms of that item. A word that
 * means something else already is passed over, because askers would be asked back.
 */
public final class WordList {
  private final Map<String, Nameable> items;
  private final Map<String, Set<String>> added = new LinkedHashMap<>();
  private final List<String> passedOver = new ArrayList<>();

  private WordList(Model model, Places places) {
    this.items = Nameable.of(model, places);
  }

  /** An item and the words that it gets. */
  public record Added(String item, String called, List<String> words) {
    public Added {
      words = List.copyOf(words);
    }
  }

  /**
   * What a list would do.
   *
   * @param edits what writes the words into the files
   * @param added what each item would get, in the order of the list
   * @param passedOver what is not taken, and why, a sentence each
   */
  public record Brought(List<FileEdit> edits, List<Added> added, List<String> passedOver) {
    public Brought {
      edits = List.copyOf(edits);
      added = List.copyOf(added);
      passedOver = List.copyOf(passedOver);
    }
  }

  /** All words of a model, an entry for each item. */
  public static List<WordEntry> of(Model model) {
    return Nameable.of(model, new Places()).values().stream().map(Nameable::entry).toList();
  }

  /** What a list would do to a model whose files have these places. */
  public static Brought bring(List<WordEntry> entries, Model model, Places places) {
    WordList list = new WordList(model, places);
    entries.forEach(list::take);
    List<FileEdit> edits = new ArrayList<>();
    List<Added> added = new ArrayList<>();
    list.added.forEach(
        (item, words) -> {
          Nameable nameable = list.items.get(item);
          edits.add(nameable.with(List.copyOf(words)));
          added.add(new Added(item, nameable.called(), List.copyOf(words)));
        });
    return new Brought(edits, added, list.passedOver);
  }

  private void take(WordEntry entry) {
    List<String> words =
        Stream.concat(Stream.of(entry.called()), entry.alsoCalled().stream())
            .map(w -> w.strip().replaceAll("\\s+", " "))
            .filter(w -> !w.isEmpty())
            .toList();
    itemOf(entry, words).ifPresent(item -> words.forEach(w -> take(w, item)));
  }

  private Optional<Nameable> itemOf(WordEntry entry, List<String> words) {
    if (!entry.item().isBlank()) {
      Optional<Nameable> named = Optional.ofNullable(items.get(entry.item().strip()));
      if (named.isEmpty()) {
        passedOver.add("The model has no item \"" + entry.item().strip() + "\".");
      }
      return named;
    }
    for (String word : words) {
      List<Nameable> found = goingBy(word);
      if (found.size() == 1) {
        return Optional.of(found.get(0));
      } else if (found.size() > 1) {
        passedOver.add(
            "\""
                + word
                + "\" may be "
                + String.join(" or ", found.stream().map(Nameable::item).toList())
                + "; name the item.");
        return Optional.empty();
      }
    }
    if (!words.isEmpty()) {
      passedOver.add("Nothing in the model goes by \"" + String.join("\" or \"", words) + "\".");
    }
    return Optional.empty();
  }

  /** Items that go by a word; links only when nothing else does, as they are called like tables. */
  private List<Nameable> goingBy(String word) {
    List<Nameable> all = items.values().stream().filter(n -> n.goesBy(word)).toList();
    List<Nameable> others = all.stream().filter(n -> !n.isLink()).toList();
    return others.isEmpty() ? all : others;
  }

  private void take(String word, Nameable item) {
    boolean known =
        item.goesBy(word)
            || added.getOrDefault(item.item(), Set.of()).stream()
                .anyMatch(w -> Nameable.plain(w).equals(Nameable.plain(word)));
    if (known) {
      return;
    }
    Optional<Nameable> other =
        items.values().stream().filter(n -> isTaken(word, n) && clash(item, n)).findFirst();
    if (other.isPresent()) {
      passedOver.add(
          "\"" + word + "\" for " + item.item() + ": it means " + other.get().item() + " already.");
    } else {
      added.computeIfAbsent(item.item(), i -> new LinkedHashSet<>()).add(word);
    }
  }

  private boolean isTaken(String word, Nameable by) {
    return by.goesBy(word)
        || added.getOrDefault(by.item(), Set.of()).stream()
            .anyMatch(w -> Nameable.plain(w).equals(Nameable.plain(word)));
  }

  /** Columns of different tables, and values, may share a word: the rest of a question tells. */
  private static boolean clash(Nameable one, Nameable other) {
    boolean columns = one.isColumn() && other.isColumn();
    boolean shared = Stream.of(one, other).anyMatch(n -> n.isValue() || n.isLink());
    return !columns && !shared;
  }
}
