package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "machines bought in 2010 that had stoppages" [that had] [noun], apart from the noun that it is
 * said of -> rows at which some point
 */
final class HavingApartRule extends Rule {
  HavingApartRule() {
    super(Slot.word(Role.HAVE), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(1)) {
      out.accept(
          new Contribution.RelatedApart(
              match.get(1, Meaning.RowNoun.class).table(), List.of(), false));
    }
  }
}
