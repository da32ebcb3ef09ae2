package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "members who only stayed at Larkspur", "who booked online only" [what was done] [only] [values]
 * -> rows that did so, and not otherwise
 */
final class SolelyRule extends Rule {
  SolelyRule() {
    super(
        Slot.word(Role.ONLY).maybe(),
        Slot.a(Part.class, Relations::mayName),
        Slot.word(Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.ONLY).maybe());
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean once = Stream.of(0, 2, 5).filter(match::has).count() == 1 && match.isParticiple(1);
    Phrase.Values values = match.get(4, Phrase.Values.class);
    Optional<String> table = once ? Relations.rowsNamed(match, 1, scope) : Optional.empty();
    table
        .filter(t -> scope.always(t, values.column().table()))
        .ifPresent(
            t ->
                out.accept(
                    new Contribution.Together(
                        List.of(rows(t, values, false), rows(t, values, true)))));
  }

  private static Contribution rows(String table, Phrase.Values values, boolean others) {
    return new Contribution.RelatedApart(table, List.of(values.filter(others)), others);
  }
}
