package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/**
 * "why were sailings cancelled", "why did we lose leads" [why] [did] [filter] [noun] [filter] ->
 * such rows by the column that tells why
 */
final class WhyDoneRule extends Rule {
  WhyDoneRule() {
    super(
        Slot.word(Role.WHY_DONE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Contribution.Narrowing.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(3, Meaning.RowNoun.class).table();
    Optional<ColumnRef> reason = scope.reason(table);
    if (match.has(2) != match.has(4) && reason.isPresent()) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.Noun(table),
                  match.get(match.has(2) ? 2 : 4, Contribution.Narrowing.class),
                  new Contribution.Groupings(List.of(new Grouping.ByColumn(reason.get()))))));
    }
  }
}
