package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * The parts that a rule's pattern matched, slot by slot.
 *
 * @param parts one for each slot; empty where an optional slot was left out
 * @param plural for each slot, whether the last word of its part is a plural
 * @param participle for each slot, whether the last word of its part says that something was done
 * @param adjoining for each slot, whether no word without effect stands before its part
 * @param dashed for each slot, whether a dash stands before its part
 * @param start index of the first token
 */
public record Match(
    List<Optional<Part>> parts,
    List<Boolean> plural,
    List<Boolean> participle,
    List<Boolean> adjoining,
    List<Boolean> dashed,
    int start) {

  boolean has(int slot) {
    return parts.get(slot).isPresent();
  }

  boolean isPlural(int slot) {
    return plural.get(slot);
  }

  /** Whether no word without effect stands between the part and the one before it. */
  boolean adjoins(int slot) {
    return adjoining.get(slot);
  }

  /** Whether a dash stands between the part and the one before it. */
  boolean isDashed(int slot) {
    return dashed.get(slot);
  }

  /** Whether the last word of the part says that something was done: "collected". */
  boolean isParticiple(int slot) {
    return participle.get(slot);
  }

  <P extends Part> P get(int slot, Class<P> type) {
    return type.cast(parts.get(slot).orElseThrow());
  }

  <P extends Part> Optional<P> find(int slot, Class<P> type) {
    return parts.get(slot).filter(type::isInstance).map(type::cast);
  }

  boolean isWord(int slot, Role role) {
    return parts.get(slot).filter(p -> p.equals(new Meaning.FunctionWord(role))).isPresent();
  }
}
