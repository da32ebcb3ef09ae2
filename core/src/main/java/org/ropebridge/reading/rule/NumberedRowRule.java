package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "policy 17" [noun] [number] -> the row with that number */
final class NumberedRowRule extends Rule {
  NumberedRowRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    numbered(match, 0, 1, scope).ifPresent(out);
  }

  /** The rows of a noun with the number in the next slot; empty where their numbers are unknown. */
  static Optional<Contribution.NounWith> numbered(Match match, int noun, int digits, Scope scope) {
    String table = match.get(noun, Meaning.RowNoun.class).table();
    int number = Times.smallWhole(match.get(digits, Meaning.NumberWord.class).number());
    List<ColumnRef> ids = scope.idsOf(table);
    boolean one = number > 0 && ids.size() == 1 && match.adjoins(digits) && !match.isPlural(noun);
    return one
        ? Optional.of(
            new Contribution.NounWith(
                table, new Filter.InValues(ids.get(0), List.of(Integer.toString(number)), false)))
        : Optional.empty();
  }
}
