package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "who leads the drama club" [who] [what the one in a role does] [values that name rows] [their
 * noun] -> those rows with the one in the role
 */
final class WhoDoesRule extends Rule {
  WhoDoesRule() {
    super(
        Slot.word(Role.WHO),
        Slot.a(Meaning.RoleName.class),
        Slot.a(Phrase.Values.class),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(1, Meaning.RoleName.class);
    Phrase.Values values = match.get(2, Phrase.Values.class);
    String table = values.column().table();
    boolean theirs =
        scope.model().namesItsTable(values.column())
            && scope.model().tableOfRole(role.role()).name().equals(table)
            && match.find(3, Meaning.RowNoun.class).map(n -> n.table().equals(table)).orElse(true);
    Optional<ColumnRef> name = scope.namingColumn(role.to()).map(c -> c.withRole(role.role()));
    if (theirs) {
      name.map(
              n ->
                  new Contribution.Rows(
                      table, List.of(values.column(), n), List.of(values.filter(false))))
          .ifPresent(out);
    }
  }
}
