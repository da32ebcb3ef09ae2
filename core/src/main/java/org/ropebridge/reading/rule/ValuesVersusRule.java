package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "members versus guests", "website bookings vs phone bookings" [values] [noun of theirs] [versus]
 * [values of the same column] -> both side by side
 */
final class ValuesVersusRule extends Rule {
  ValuesVersusRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.VERSUS, Role.TOWARDS),
        Slot.a(Part.class, Operands::isOperand).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    Phrase.Values two = match.get(6, Phrase.Values.class);
    boolean same = one.column().equals(two.column());
    boolean ofTheirs =
        List.of(2, 7).stream()
            .flatMap(i -> match.find(i, Meaning.RowNoun.class).stream())
            .allMatch(n -> n.table().equals(one.column().table()));
    if (same && ofTheirs && Collections.disjoint(one.stored(), two.stored())) {
      List<String> all = new ArrayList<>(one.stored());
      all.addAll(two.stored());
      Contribution opposed =
          new Contribution.Opposed(
              new Phrase.Values(one.column(), all),
              match
                  .find(2, Meaning.RowNoun.class)
                  .or(() -> match.find(7, Meaning.RowNoun.class))
                  .map(Meaning.RowNoun::table));
      out.accept(Contribution.Again.with(match, 4, opposed));
    }
  }
}
