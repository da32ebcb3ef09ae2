package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "hut among (top 3 huts by revenue)" [column] [among] [question in brackets] -> rows whose value
 * it finds
 */
final class AmongRule extends Rule {
  AmongRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Columns::isColumn),
        Slot.word(Role.AMONG, Role.NOT_AMONG),
        Slot.a(Phrase.EnclosedPlan.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> column = Columns.of(match.get(1, Part.class), scope);
    column.ifPresent(
        c ->
            out.accept(
                new Contribution.Narrowing(
                    new Filter.Among(
                        c,
                        match.get(3, Phrase.EnclosedPlan.class).plan(),
                        match.isWord(2, Role.NOT_AMONG)))));
  }
}
