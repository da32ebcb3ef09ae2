package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Measure;

/**
 * "members that visited more than 3 huts" [noun] [comparison] [noun that its rows point at] ->
 * keeps groups with so many different ones
 */
final class KeepDistinctRule extends Rule {
  KeepDistinctRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.BY).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()),
        Slot.a(Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Meaning.ColumnName));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String through = match.get(0, Meaning.RowNoun.class).table();
    Part what = match.get(3, Part.class);
    Optional<Measure> counted = Optional.empty();
    if (what instanceof Meaning.RowNoun noun && scope.pointsAt(through, noun.table())) {
      counted = Optional.of(new Measure.DistinctRows(noun.table(), through, Optional.empty()));
    } else if (what instanceof Meaning.ColumnName name
        && name.column().table().equals(through)
        && scope.holds(name.column(), Column.Holds.CATEGORY)) {
      counted = Optional.of(new Measure.DistinctValues(name.column()));
    }
    counted
        .flatMap(m -> Keeps.compared(m, match.get(2, Phrase.Comparing.class), scope))
        .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
  }
}
