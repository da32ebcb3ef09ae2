package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.MeasureTables;

/**
 * "new customers per year" [new] [noun with a date] -> the rows by the date at which they came to
 * be
 */
final class NewRule extends Rule {
  NewRule() {
    super(Slot.word(Role.NEW), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    if (MeasureTables.date(table, Optional.empty(), scope.model()).isPresent()) {
      out.accept(new Contribution.NewRows(table));
    }
  }
}
