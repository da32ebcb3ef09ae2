package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "payment date after due date" [date] [after] [another date of the same rows] -> how long the one
 * came after the other, as a column
 */
final class DateAfterDateRule extends Rule {
  DateAfterDateRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.AFTER, Role.BEFORE),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    after(match, 1, 2, scope).map(Meaning.ColumnName::new).ifPresent(out);
  }

  /** How long the later of two dates came after the other; the first is in slot 0. */
  static Optional<ColumnRef> after(Match match, int word, int second, Scope scope) {
    ColumnRef one = match.get(0, Meaning.ColumnName.class).column().withoutRole();
    ColumnRef other = match.get(second, Meaning.ColumnName.class).column().withoutRole();
    if (!one.table().equals(other.table())
        || one.equals(other)
        || !scope.isTemporal(one)
        || !scope.isTemporal(other)) {
      return Optional.empty();
    }
    ColumnRef later = match.isWord(word, Role.AFTER) ? one : other;
    ColumnRef earlier = later == one ? other : one;
    return Optional.of(
        ColumnRef.of(
            one.table(), scope.model().column(later).nameAfter(scope.model().column(earlier))));
  }
}
