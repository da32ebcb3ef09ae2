package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "longest stay": the adjective chooses the column by its unit [superlative of time or length]
 * [noun] -> the end of the table's column in such a unit
 */
final class ExtremeRowRule extends Rule {
  ExtremeRowRule() {
    super(
        Slot.a(Meaning.SuperlativeWord.class, s -> !s.isOfAnything()),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.SuperlativeWord word = match.get(0, Meaning.SuperlativeWord.class);
    String table = match.get(1, Meaning.RowNoun.class).table();
    if (scope.namingColumn(table).isPresent()) {
      return;
    }
    for (ColumnRef column : scope.measuredBy(table, word.dimension())) {
      out.accept(
          Contribution.Measures.of(
              Measure.Statistic.of(
                  word.most() ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, column)));
    }
  }
}
