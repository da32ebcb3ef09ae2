package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "the second highest hut" [ordinal] [superlative] [noun] -> the row at that place by the only
 * number that the superlative measures
 */
final class NthRowRule extends Rule {
  NthRowRule() {
    super(
        Slot.a(Meaning.OrdinalWord.class, o -> o.number() > 1),
        Slot.a(Meaning.SuperlativeWord.class, Meaning.SuperlativeWord::most),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    String dimension = match.get(1, Meaning.SuperlativeWord.class).dimension();
    List<ColumnRef> columns = scope.measuredBy(table, dimension);
    if (columns.size() == 1) {
      Measure of = new Measure.Statistic(Measure.Kind.AVERAGE, columns.get(0), 0);
      int place = match.get(0, Meaning.OrdinalWord.class).number();
      scope.namingColumn(table).ifPresent(c -> out.accept(Keeps.atPlace(c, of, place)));
    }
  }
}
