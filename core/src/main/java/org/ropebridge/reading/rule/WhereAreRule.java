package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "where do our members live" [where] [noun] -> how many there are in each of the nearest kind of
 * places
 */
final class WhereAreRule extends Rule {
  WhereAreRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.FROM).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    if (match.isPlural(2)) {
      byPlace(table, scope).ifPresent(out);
    }
  }

  /** How many of the table's rows there are in each of the nearest kind of places. */
  static Optional<Part> byPlace(String table, Scope scope) {
    return Places.nearest(table, scope)
        .map(
            place ->
                new Contribution.PlacesTold(
                    new Contribution.GroupsTold(
                        new Grouping.ByColumn(place), new Measure.RowCount(table))));
  }
}
