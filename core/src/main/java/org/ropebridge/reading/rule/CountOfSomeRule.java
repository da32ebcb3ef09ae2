package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "number of cancelled stays", after what it ranks or is told by [number of] [filter] [noun] -> how
 * many such rows there are
 */
final class CountOfSomeRule extends Rule {
  CountOfSomeRule() {
    super(
        Slot.word(Role.BY, Role.WITH, Role.PREPOSITION),
        Slot.word(Role.COUNT),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(
            Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Contribution.NounWith));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<Filter> among = new ArrayList<>();
    match.find(2, Contribution.Narrowing.class).ifPresent(n -> among.add(n.filter()));
    match.find(3, Contribution.Narrowing.class).ifPresent(n -> among.add(n.filter()));
    Optional<Contribution.NounWith> some = match.find(4, Contribution.NounWith.class);
    some.ifPresent(n -> among.add(n.filter()));
    if (!among.isEmpty()) {
      String table =
          some.map(Contribution.NounWith::table)
              .orElseGet(() -> match.get(4, Meaning.RowNoun.class).table());
      out.accept(new Phrase.CountOfSome(table, among));
    }
  }
}
