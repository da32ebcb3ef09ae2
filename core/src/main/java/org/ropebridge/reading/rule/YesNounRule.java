package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;

/**
 * "seasonal routes", "group bookings" [yes-or-no column or condition that is called by its table's
 * noun as well, in the plural] -> the rows of which it is true
 */
final class YesNounRule extends Rule {
  YesNounRule() {
    super(
        Slot.a(
            Part.class,
            p -> p instanceof Meaning.ColumnName || p instanceof Meaning.ConditionName));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(0)) {
      return;
    }
    Part part = match.get(0, Part.class);
    if (part instanceof Meaning.ConditionName name) {
      Table table = scope.model().table(name.table());
      Condition condition = table.findCondition(name.condition()).orElseThrow();
      if (endsWithNoun(table, condition.label(), condition.alsoCalled())) {
        out.accept(
            new Contribution.NounWith(
                name.table(), new Filter.Meets(name.table(), name.condition(), false)));
      }
      return;
    }
    ColumnRef ref = ((Meaning.ColumnName) part).column();
    Column column = scope.model().column(ref);
    Table table = scope.model().table(ref.table());
    if (ref.role().isEmpty()
        && column.holds() == Column.Holds.YES_NO
        && endsWithNoun(table, column.label(), column.alsoCalled())) {
      out.accept(new Contribution.NounWith(ref.table(), new Filter.IsTrue(ref, false)));
    }
  }

  private static boolean endsWithNoun(Table table, String label, List<String> alsoCalled) {
    String noun = " " + table.rowNoun().toLowerCase(Locale.ROOT);
    return Stream.concat(Stream.of(label), alsoCalled.stream())
        .anyMatch(l -> l.toLowerCase(Locale.ROOT).endsWith(noun));
  }
}
