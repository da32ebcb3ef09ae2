package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "how late are bills paid" [how late] [is] [noun] [is] [date on which it was done] -> the average
 * of how long that was after the date on which they were due
 */
final class HowLateRule extends Rule {
  HowLateRule() {
    super(
        Slot.word(Role.HOW_LATE),
        Slot.word(Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(Part.class, HowLateRule::mayBeLate).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<String> rows = match.find(2, Meaning.RowNoun.class).map(Meaning.RowNoun::table);
    Optional<Phrase.Values> values = match.find(2, Phrase.Values.class);
    for (ColumnRef delay :
        scope.delaysOf(match.find(4, Meaning.ColumnName.class).map(Meaning.ColumnName::column))) {
      boolean theirs = rows.isEmpty() || rows.get().equals(delay.table());
      Contribution average =
          Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, delay));
      if (values.isEmpty() && theirs) {
        out.accept(average);
      } else if (values.filter(v -> isNameOf(delay.table(), v, scope)).isPresent()) {
        Filter named = new Filter.InValues(values.get().column(), values.get().stored(), false);
        out.accept(new Contribution.Together(List.of(average, new Contribution.Narrowing(named))));
      }
    }
  }

  private static boolean mayBeLate(Part part) {
    return part instanceof Meaning.RowNoun || part instanceof Phrase.Values;
  }

  private static boolean isNameOf(String table, Phrase.Values values, Scope scope) {
    return scope.namingColumn(table).filter(values.column()::equals).isPresent();
  }
}
