package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "lost the most parcels", "cancelled the most stays" [value, as what was done] [most] [noun of its
 * rows] -> ranked by how many of those rows there are
 */
final class ValueTheMostRule extends Rule {
  ValueTheMostRule() {
    super(
        Slot.a(Phrase.Values.class),
        Slot.a(Meaning.SuperlativeWord.class, s -> s.dimension().equals("amount")),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(0, Phrase.Values.class);
    String table = match.get(2, Meaning.RowNoun.class).table();
    if (values.column().table().equals(table) && !scope.model().namesItsTable(values.column())) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.Extreme(
                      Rankings.direction(match.get(1, Part.class)), new Measure.RowCount(table)),
                  new Contribution.Narrowing(values.filter(false)))));
    }
  }
}
