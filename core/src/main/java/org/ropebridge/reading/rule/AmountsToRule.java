package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "machines that cost more than 80000 euros" [noun] [cost, weigh ...] [comparison with unit] [in so
 * long] -> its rows whose number in that unit compares so
 */
final class AmountsToRule extends Rule {
  AmountsToRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.AMOUNTS_TO),
        Slot.a(Phrase.Comparing.class),
        Slot.a(Meaning.TimeUnitWord.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Phrase.Comparing comparing = match.get(2, Phrase.Comparing.class);
    List<ColumnRef> columns =
        comparing
            .unit()
            .map(scope::columnsIn)
            .orElseGet(() -> scope.measuredBy(table, Dimensions.MONEY))
            .stream()
            .filter(c -> c.table().equals(table))
            .filter(
                c ->
                    match
                        .find(3, Meaning.TimeUnitWord.class)
                        .map(u -> u.grouping() == scope.paces().get(c))
                        .orElse(true))
            .toList();
    if (comparing.unit().isPresent() || columns.size() == 1) {
      columns.forEach(c -> out.accept(new Contribution.NounWith(table, comparing.of(c))));
    }
  }
}
