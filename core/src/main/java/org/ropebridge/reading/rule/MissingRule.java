package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "missing email", "with known phone" [missing] [column] -> rows without, or with, a value */
final class MissingRule extends Rule {
  MissingRule() {
    super(
        Slot.word(Role.MISSING, Role.LACKING, Role.NOT_HAVE, Role.KNOWN),
        Slot.a(Part.class, MissingRule::canBeMissing));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(1, Part.class);
    boolean negated = match.isWord(0, Role.KNOWN);
    if (match.isWord(0, Role.NOT_HAVE) && !(part instanceof Meaning.ColumnName)) {
      return;
    }
    column(part, scope)
        // "routes with no cancelled sailings": what is not true is not unknown.
        .filter(c -> !match.isWord(0, Role.LACKING) || !scope.holds(c, Column.Holds.YES_NO))
        .ifPresent(c -> out.accept(new Contribution.Narrowing(new Filter.Missing(c, negated))));
  }

  /** Whether rows may lack it: a column, or what they point at. */
  static boolean canBeMissing(Part part) {
    return part instanceof Meaning.ColumnName
        || part instanceof Meaning.RoleName
        || part instanceof Meaning.RowNoun;
  }

  /** The column that rows lack a value of; empty when nothing names what they point at. */
  static Optional<ColumnRef> column(Part part, Scope scope) {
    return part instanceof Meaning.ColumnName name
        ? Optional.of(name.column())
        : part instanceof Meaning.RowNoun noun
            ? scope.namingColumn(noun.table())
            : scope
                .namingColumn(((Meaning.RoleName) part).to())
                .map(c -> c.withRole(((Meaning.RoleName) part).role()));
  }
}
