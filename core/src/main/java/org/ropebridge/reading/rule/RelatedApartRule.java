package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts in Ossel that had no callouts" [no] [noun], apart from the noun that it is said of -> rows
 * at which none point
 */
final class RelatedApartRule extends Rule {
  RelatedApartRule() {
    super(
        Slot.word(Role.NONE),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.RelatedApart(
            match.get(2, Meaning.RowNoun.class).table(),
            match.find(1, Contribution.Narrowing.class).map(Contribution.Narrowing::filter).stream()
                .toList(),
            true));
  }
}
