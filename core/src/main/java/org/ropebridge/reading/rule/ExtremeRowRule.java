package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "longest stay": the adjective chooses the column by its unit [superlative of time or length]
 * [noun] -> the end of the table's column in such a unit
 */
final class ExtremeRowRule extends Rule {
  ExtremeRowRule() {
    super(
        Slot.a(Meaning.SuperlativeWord.class, s -> !s.dimension().isEmpty()),
        Slot.a(Meaning.RowNoun.class));
  }

  private static final Set<String> TIME =
      Set.of("nights", "days", "hours", "minutes", "seconds", "weeks", "months", "years", "h");
  private static final Set<String> LENGTH = Set.of("m", "km", "cm", "mm", "ft", "mi", "miles");

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.SuperlativeWord word = match.get(0, Meaning.SuperlativeWord.class);
    String table = match.get(1, Meaning.RowNoun.class).table();
    Set<String> units = word.dimension().equals("time") ? TIME : LENGTH;
    List<Column> columns =
        scope.model().table(table).columns().stream()
            .filter(c -> c.holds() == Column.Holds.NUMBER)
            .filter(
                c -> c.unit().map(u -> units.contains(u.toLowerCase(Locale.ROOT))).orElse(false))
            .toList();
    for (Column column : columns) {
      out.accept(
          Contribution.Measures.of(
              Measure.Statistic.of(
                  word.most() ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM,
                  ColumnRef.of(table, column.name()))));
      if (column.addsUp().equals(Optional.of(Column.AddsUp.SUM))) {
        return;
      }
    }
  }
}
