package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;

/** "joiners", "senior joiners" [one value, in the plural, of rows that have names] -> those rows */
final class ValuesAsRowsRule extends Rule {
  ValuesAsRowsRule() {
    super(Slot.a(Phrase.Values.class, v -> v.stored().size() == 1 && v.column().role().isEmpty()));
  }

  @Override
  public double bonus() {
    return -0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(0, Phrase.Values.class);
    String table = values.column().table();
    boolean named = scope.namingColumn(table).filter(values.column()::equals).isPresent();
    if (match.isPlural(0) && !named) {
      out.accept(
          new Contribution.NounWith(
              table, new Filter.InValues(values.column(), values.stored(), false)));
    }
  }
}
