package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "cats older than 10 years" [noun] [is] [time of a beginning] -> those rows, and not what they
 * have
 */
final class RowsBeganRule extends Rule {
  RowsBeganRule() {
    super(
        Slot.word(Role.BY, Role.PLAIN_BY, Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.Began.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    Phrase.Began began = match.get(3, Phrase.Began.class);
    List<ColumnRef> births =
        scope.beginnings().stream().filter(date -> date.table().equals(table)).toList();
    // Invoices are as old as their own date; people are not so many years old since they joined.
    (births.isEmpty() && !began.inYears() ? scope.birthOf(table) : births)
        .stream()
            .map(date -> new Filter.InPeriod(began.period(), Optional.of(date), false))
            .forEach(own -> out.accept(new Contribution.NounWith(table, own)));
  }
}
