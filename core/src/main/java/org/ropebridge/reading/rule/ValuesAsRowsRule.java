package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;

/** "joiners", "the last emergency" [one value] -> those rows */
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
    if (!named) {
      Filter kept = values.filter(false);
      out.accept(new Phrase.CalledRows(new Meaning.RowNoun(table), kept));
      if (match.isPlural(0)) {
        out.accept(new Contribution.NounWith(table, kept));
      }
    }
  }
}
