package org.ropebridge.reading.rule;

import java.util.function.Predicate;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * A place in a rule's pattern.
 *
 * @param accepts the parts that may stand here
 * @param optional whether the place may stay empty
 */
public record Slot(Predicate<Part> accepts, boolean optional) {

  /** A part of the type. */
  static Slot a(Class<? extends Part> type) {
    return new Slot(type::isInstance, false);
  }

  /** A part of the type that also passes the test. */
  static <P extends Part> Slot a(Class<P> type, Predicate<P> test) {
    return new Slot(part -> type.isInstance(part) && test.test(type.cast(part)), false);
  }

  /** A function word with the role. */
  static Slot word(Role role) {
    return new Slot(part -> part instanceof Meaning.FunctionWord w && w.role() == role, false);
  }

  /** A function word with one of the roles. */
  static Slot word(Role first, Role second, Role... others) {
    return new Slot(
        part ->
            part instanceof Meaning.FunctionWord w
                && (w.role() == first
                    || w.role() == second
                    || java.util.List.of(others).contains(w.role())),
        false);
  }

  /** The same place, which may stay empty. */
  Slot maybe() {
    return new Slot(accepts, true);
  }
}
