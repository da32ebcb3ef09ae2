package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.reading.rule.Grammar;
import org.ropebridge.reading.rule.Rule;
import org.ropebridge.reading.rule.Slot;

/** The patterns of a grammar's rules, found by what they end with. */
final class Patterns {
  private static final Map<Grammar, Patterns> BY_GRAMMAR = new ConcurrentHashMap<>();

  private final List<Pattern> all = new ArrayList<>();
  private final Map<Object, List<Pattern>> byKind = new ConcurrentHashMap<>();

  private Patterns(Grammar grammar) {
    grammar.rules().forEach(this::add);
  }

  /** A rule's pattern with some of its optional slots left out. */
  record Pattern(Rule rule, List<Slot> slots, int[] places) {}

  static Patterns of(Grammar grammar) {
    return BY_GRAMMAR.computeIfAbsent(grammar, Patterns::new);
  }

  /** The patterns whose last slot a part of this kind could fill. */
  List<Pattern> endingWith(Part part) {
    List<Role> role = part instanceof Meaning.FunctionWord word ? List.of(word.role()) : List.of();
    Object kind = role.isEmpty() ? part.getClass() : role.get(0);
    return byKind.computeIfAbsent(
        kind,
        k ->
            all.stream()
                .filter(p -> p.slots().get(p.slots().size() - 1).mayAccept(part.getClass(), role))
                .toList());
  }

  private void add(Rule rule) {
    List<Slot> slots = rule.slots();
    int optional = (int) slots.stream().filter(Slot::optional).count();
    for (int mask = 0; mask < 1 << optional; mask++) {
      List<Slot> kept = new ArrayList<>();
      List<Integer> places = new ArrayList<>();
      int seen = 0;
      for (int i = 0; i < slots.size(); i++) {
        boolean keep = !slots.get(i).optional() || (mask >> seen++ & 1) == 1;
        if (keep) {
          kept.add(slots.get(i));
          places.add(i);
        }
      }
      all.add(new Pattern(rule, kept, places.stream().mapToInt(Integer::intValue).toArray()));
    }
  }
}
