package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "huts higher than Larkspur" [noun] [higher than] [value] -> its rows whose only number that
 * measures so is beyond that of the one
 */
final class HigherThanGroupRule extends Rule {
  HigherThanGroupRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.MeasuredThanWord.class),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Meaning.MeasuredThanWord word = match.get(2, Meaning.MeasuredThanWord.class);
    Phrase.Values group = match.get(3, Phrase.Values.class);
    Optional<ColumnRef> column = scope.onlyMeasuredBy(table, word);
    if (column.isPresent() && scope.namingColumn(table).equals(Optional.of(group.column()))) {
      out.accept(
          KeepBesideGroupRule.told(
              Measure.Statistic.of(Measure.Kind.AVERAGE, column.get()),
              new Phrase.BesideGroup(
                  word.comparison() == Filter.Comparison.MORE_THAN,
                  group.column(),
                  group.stored().get(0))));
    }
  }
}
