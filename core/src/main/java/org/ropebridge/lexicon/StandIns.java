package org.ropebridge.lexicon;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.Table;

/** Words that stand for items of the model that go by other names. */
final class StandIns {
  private final Entries entries;
  private final WordForms forms;
  private final Vocabulary vocabulary;
  private final List<ModelWords.TwoWords> twoWords;

  /** What the last words of names mean that no other item has, by the word in the singular. */
  private final Map<String, Meaning> heads = new HashMap<>();

  /**
   * @param twoWords the names of two words that the model's items have
   */
  StandIns(Entries entries, Vocabulary vocabulary, List<ModelWords.TwoWords> twoWords) {
    this.entries = entries;
    this.forms = entries.forms();
    this.vocabulary = vocabulary;
    this.twoWords = twoWords;
  }

  /** "the target", where the model has only a "sales target". */
  void addHeads() {
    Map<String, Set<Meaning>> byHead = new LinkedHashMap<>();
    for (ModelWords.TwoWords name : twoWords) {
      byHead
          .computeIfAbsent(forms.singular(head(name)), h -> new LinkedHashSet<>())
          .add(name.item());
    }
    Map<String, Set<Meaning>> byStem = entries.itemsByNameWord();
    byHead.forEach(
        (head, items) -> {
          items.removeIf(Meaning.ConditionName.class::isInstance);
          List<Meaning> meant = firstKind(items);
          boolean isOnly =
              meant.size() == 1
                  && !vocabulary.isParticiple(head)
                  && byStem.getOrDefault(vocabulary.stem(head), Set.of()).stream()
                      .filter(meant.get(0).getClass()::isInstance)
                      .allMatch(items::contains)
                  && (meant.get(0) instanceof Meaning.ColumnName
                      || items.stream().noneMatch(Meaning.ColumnName.class::isInstance));
          if (isOnly && entries.mayStandIn(vocabulary.stem(head), vocabulary::isParticiple)) {
            entries.add(head, meant.get(0), Mention.Found.SHORTENED, true);
            heads.put(head, meant.get(0));
          }
        });
  }

  /** "bill" of a "water bill", but "amount" of the "amount claimed". */
  private String head(ModelWords.TwoWords name) {
    return vocabulary.isParticiple(name.last()) ? name.first() : name.last();
  }

  /** "people", where those of the only table of people work here. */
  void addPeople(List<Table> peoples, Kinship kinship) {
    boolean workHere =
        peoples.size() == 1
            && kinship.workers().stream().anyMatch(c -> c.table().equals(peoples.get(0).name()));
    if (workHere) {
      Meaning noun = new Meaning.RowNoun(peoples.get(0).name());
      vocabulary
          .wordsOf(Role.EVERYONE)
          .forEach(word -> entries.add(word, noun, Mention.Found.AKIN, false));
    }
  }

  /** Lets a model's word of the group stand for those that the model does not know. */
  void addAkin(Akin group) {
    Set<Meaning> meant = new LinkedHashSet<>();
    for (String phrase : group.names()) {
      entries.itemsCalled(phrase).forEach(e -> meant.add(e.meaning()));
    }
    if (meant.isEmpty()) {
      group.names().stream()
          .flatMap(n -> Stream.ofNullable(heads.get(forms.singular(n))))
          .forEach(meant::add);
    }
    List<Meaning> items = firstKind(meant);
    Stream.concat(group.names().stream(), group.alsoSaid().stream())
        .filter(phrase -> entries.itemsCalled(phrase).isEmpty())
        .forEach(
            phrase -> items.forEach(item -> entries.add(phrase, item, Mention.Found.AKIN, false)));
    for (ModelWords.TwoWords name : twoWords) {
      boolean ofGroup =
          group.names().stream()
              .anyMatch(n -> forms.singular(n).equals(forms.singular(name.last())));
      if (ofGroup) {
        group.names().stream()
            .map(other -> name.first() + " " + other)
            .filter(phrase -> entries.itemsCalled(phrase).isEmpty())
            .forEach(phrase -> entries.add(phrase, name.item(), Mention.Found.AKIN, false));
      }
    }
  }

  /** The metrics among the items; without any the nouns, and so on. */
  private static List<Meaning> firstKind(Set<Meaning> items) {
    for (Class<?> kind : Entries.KINDS) {
      List<Meaning> found = items.stream().filter(kind::isInstance).toList();
      if (!found.isEmpty()) {
        return found;
      }
    }
    return List.of();
  }
}
