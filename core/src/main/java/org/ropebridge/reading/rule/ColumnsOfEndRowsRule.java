package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "warden of the highest hut", "valley of the newest huts" [columns, or noun of what the rows point
 * at] [of] [rows at one end] -> those rows with that
 */
final class ColumnsOfEndRowsRule extends Rule {
  ColumnsOfEndRowsRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH, Role.WHO).maybe(),
        Slot.a(Part.class, p -> p instanceof Phrase.ColumnList || p instanceof Meaning.RowNoun),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Contribution.EndRows.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.EndRows rows = match.get(3, Contribution.EndRows.class);
    List<ColumnRef> wanted = wanted(match.get(1, Part.class), rows.table(), scope);
    boolean known = scope.namingColumn(rows.table()).isPresent();
    if (!match.adjoins(3) && known && !wanted.isEmpty()) {
      out.accept(new Contribution.Together(List.of(rows, new Contribution.Columns(wanted))));
    }
  }

  /** The columns, or what names those at which the rows point; empty where they lead to none. */
  static List<ColumnRef> wanted(Part of, String rows, Scope scope) {
    List<ColumnRef> wanted =
        of instanceof Meaning.RowNoun noun
            ? Optional.of(noun.table())
                .filter(t -> scope.pointsAt(rows, t))
                .flatMap(scope::namingColumn)
                .stream()
                .toList()
            : ((Phrase.ColumnList) of).columns();
    boolean theirs =
        wanted.stream()
            .allMatch(c -> scope.paths().shortest(rows, c.table(), c.role()).size() == 1);
    return theirs ? wanted : List.of();
  }
}
