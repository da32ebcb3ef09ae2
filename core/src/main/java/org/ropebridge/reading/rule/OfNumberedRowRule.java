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
 * "customer of policy 17" [noun] [of] [noun] [number] -> whom or what the row with that number
 * belongs to
 */
final class OfNumberedRowRule extends Rule {
  OfNumberedRowRule() {
    super(
        Slot.word(Role.LIST, Role.WHICH, Role.WHO).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.BE).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 1.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> asked = scope.namingColumn(match.get(1, Meaning.RowNoun.class).table());
    Optional<Contribution.NounWith> row = NumberedRowRule.numbered(match, 3, 4, scope);
    boolean theirs =
        row.isPresent()
            && asked.isPresent()
            && !match.isPlural(1)
            && scope
                    .paths()
                    .shortest(row.get().table(), asked.get().table(), Optional.empty())
                    .size()
                == 1;
    if (theirs) {
      String table = row.get().table();
      List<ColumnRef> columns = Stream.concat(scope.idsOf(table).stream(), asked.stream()).toList();
      out.accept(new Contribution.Rows(table, columns, List.of(row.get().filter())));
    }
  }
}
