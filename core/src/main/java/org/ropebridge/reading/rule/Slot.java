package org.ropebridge.reading.rule;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * A place in a rule's pattern.
 *
 * @param type the parts that may stand here
 * @param roles the roles of function words that may; empty for other parts
 * @param test what such a part must pass besides
 * @param optional whether the place may stay empty
 */
public record Slot(
    Class<? extends Part> type, Set<Role> roles, Predicate<Part> test, boolean optional) {
  /** A part of the type. */
  static Slot a(Class<? extends Part> type) {
    return new Slot(type, Set.of(), part -> true, false);
  }

  /** A part of the type that also passes the test. */
  static <P extends Part> Slot a(Class<P> type, Predicate<P> test) {
    return new Slot(type, Set.of(), part -> test.test(type.cast(part)), false);
  }

  /** A function word with one of the roles. */
  static Slot word(Role first, Role... others) {
    return new Slot(
        Meaning.FunctionWord.class, Set.copyOf(EnumSet.of(first, others)), part -> true, false);
  }

  /** The same place, which may stay empty. */
  Slot maybe() {
    return new Slot(type, roles, test, true);
  }

  /** Whether the part may stand here. */
  public boolean accepts(Part part) {
    return type.isInstance(part)
        && (roles.isEmpty() || roles.contains(((Meaning.FunctionWord) part).role()))
        && test.test(part);
  }

  /** Whether some part of the class, or some word with the role, may stand here. */
  public boolean mayAccept(Class<? extends Part> part, List<Role> role) {
    return type.isAssignableFrom(part) && (roles.isEmpty() || roles.containsAll(role));
  }
}
