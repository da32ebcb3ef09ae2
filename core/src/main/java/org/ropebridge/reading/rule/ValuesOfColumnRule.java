package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "valley Ossel", "severity high", "caused by rockfall" [column or noun] [by] [values of it] -> the
 * values, surely of that column
 */
final class ValuesOfColumnRule extends Rule {
  ValuesOfColumnRule() {
    super(
        Slot.a(Part.class, ValuesOfColumnRule::isHolder),
        Slot.word(Role.BY).maybe(),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    holder(match.get(0, Part.class), match.get(2, Phrase.Values.class), scope).ifPresent(out);
  }

  static boolean isHolder(Part part) {
    return part instanceof Meaning.ColumnName
        || part instanceof Meaning.RowNoun
        || part instanceof Meaning.RoleName;
  }

  /** Keeps, or leaves out, rows with the values, when they are of the column that is named. */
  static Optional<Contribution> narrowing(
      Match match, int holder, int values, boolean negated, Scope scope) {
    return holder(match.get(holder, Part.class), match.get(values, Phrase.Values.class), scope)
        .map(v -> new Contribution.Narrowing(v.filter(negated)));
  }

  /** The values, when they are of the column that the holder names. */
  static Optional<Phrase.Values> holder(Part holder, Phrase.Values values, Scope scope) {
    ColumnRef column = values.column();
    if (holder instanceof Meaning.ColumnName name) {
      return name.column().withoutRole().equals(column)
          ? Optional.of(new Phrase.Values(name.column(), values.stored()))
          : Optional.empty();
    } else if (holder instanceof Meaning.RowNoun noun) {
      return scope.namingColumn(noun.table()).equals(Optional.of(column))
          ? Optional.of(values)
          : Optional.empty();
    }
    Meaning.RoleName role = (Meaning.RoleName) holder;
    return scope.namingColumn(role.to()).equals(Optional.of(column))
        ? Optional.of(new Phrase.Values(column.withRole(role.role()), values.stored()))
        : Optional.empty();
  }
}
