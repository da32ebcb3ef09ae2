package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts with neither callouts nor supply loads" [neither] [noun] [nor] [noun] -> rows at which none
 * of both point
 */
final class NeitherNorRule extends Rule {
  NeitherNorRule() {
    super(
        Slot.word(Role.NEITHER),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NOR),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                none(match.get(1, Meaning.RowNoun.class)),
                none(match.get(3, Meaning.RowNoun.class)))));
  }

  private static Contribution none(Meaning.RowNoun noun) {
    return new Contribution.RelatedApart(noun.table(), List.of(), true);
  }
}
