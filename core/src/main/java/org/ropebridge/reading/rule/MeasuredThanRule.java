package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "huts higher than 2000" [noun] [longer, heavier ... than] [number] -> its rows whose only number
 * that measures so compares so
 */
final class MeasuredThanRule extends Rule {
  MeasuredThanRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.MeasuredThanWord.class),
        Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Meaning.MeasuredThanWord word = match.get(2, Meaning.MeasuredThanWord.class);
    Optional<ColumnRef> column = scope.onlyMeasuredBy(table, word);
    if (column.isPresent()) {
      out.accept(
          new Contribution.NounWith(
              table,
              new Filter.Compare(
                  column.get(),
                  word.comparison(),
                  match.get(3, Meaning.NumberWord.class).number(),
                  Optional.empty())));
    }
  }
}
