package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Period;

/**
 * "members under 18", "employees over 60" [noun] [comparison] [years] -> those of that age; people
 * also where no unit is said
 */
final class AgedRule extends Rule {
  AgedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().filter(u -> !u.equals("years")).isEmpty()),
        Slot.a(
                Meaning.TimeUnitWord.class,
                u -> !u.adverb() && u.period().equals(Optional.of(Period.Unit.YEAR)))
            .maybe());
  }

  @Override
  public double bonus() {
    return -0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Phrase.Comparing comparing = match.get(2, Phrase.Comparing.class);
    boolean years =
        Ages.mayBe(comparing.low()) && Ages.mayBe(comparing.high().orElse(comparing.low()));
    boolean said = comparing.unit().isPresent() || match.has(3);
    Optional<ColumnRef> age =
        years && (said || scope.arePeople(table)) ? Ages.of(table, scope) : Optional.empty();
    age.ifPresent(a -> out.accept(new Contribution.NounWith(table, comparing.of(a))));
  }
}
