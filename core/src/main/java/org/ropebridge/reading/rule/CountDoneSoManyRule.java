package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many clients sent more than 20 parcels" [how many] [noun] [what was done] [comparison] [noun
 * of what that was done to] -> how many have so many of them
 */
final class CountDoneSoManyRule extends Rule {
  CountDoneSoManyRule() {
    super(
        Slot.word(Role.COUNT, Role.UNIQUE),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Part.class, Relations::mayBeDone),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String counted = match.get(1, Meaning.RowNoun.class).table();
    String rows = match.get(4, Meaning.RowNoun.class).table();
    boolean ofThose =
        Relations.rowsNamed(match, 2, scope).filter(rows::equals).isPresent()
            && scope.pointsAt(rows, counted);
    if (ofThose) {
      Keeps.compared(new Measure.RowCount(rows), match.get(3, Phrase.Comparing.class), scope)
          .ifPresent(
              keep ->
                  out.accept(
                      new Contribution.Together(
                          List.of(
                              Contribution.Measures.of(new Measure.RowCount(counted)),
                              new Contribution.Keeping(keep, false)))));
    }
  }
}
