package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import java.util.stream.Stream;
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
      byPlaces(table, scope).forEach(out);
    }
  }

  /** How many of the table's rows there are in each of the nearest kinds of places. */
  static Stream<Part> byPlaces(String table, Scope scope) {
    return Places.allNearest(table, scope).stream()
        .map(
            place ->
                new Contribution.PlacesTold(
                    new Contribution.GroupsTold(
                        new Grouping.ByColumn(place), new Measure.RowCount(table))));
  }
}
