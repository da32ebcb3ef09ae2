package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "where do our members live" [where] [noun] [live] -> how many there are in each of the nearest
 * kind of places
 */
final class WhereLiveRule extends Rule {
  WhereLiveRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAPPENING, Role.LIVING));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    if (match.isPlural(2)) {
      WhereAreRule.byPlaces(table, scope).forEach(out);
    }
  }
}
