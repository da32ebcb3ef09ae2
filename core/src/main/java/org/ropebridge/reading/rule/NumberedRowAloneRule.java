package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "policy 17", "show policy 17", "customer of policy 17" [list] [noun that they have one of] [of]
 * [noun] [number] -> the row with that number, with what is asked of it
 */
final class NumberedRowAloneRule extends Rule {
  NumberedRowAloneRule() {
    super(
        Slot.word(Role.LIST, Role.WHICH, Role.WHO).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.55;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(2) && !match.has(1) || match.isPlural(1)) {
      return;
    }
    Optional<ColumnRef> asked =
        match.find(1, Meaning.RowNoun.class).flatMap(n -> scope.namingColumn(n.table()));
    NumberedRowRule.numbered(match, 3, 4, scope)
        .filter(
            row ->
                !match.has(1)
                    || asked
                        .filter(
                            c -> scope.paths().shortest(row.table(), c.table(), Optional.empty()).size() == 1)
                        .isPresent())
        .ifPresent(
            row -> {
              List<ColumnRef> columns =
                  Stream.concat(scope.idsOf(row.table()).stream(), asked.stream()).toList();
              out.accept(
                  new Contribution.Rows(
                      row.table(),
                      asked.isPresent() ? columns : List.of(),
                      List.of(row.filter())));
            });
  }
}
