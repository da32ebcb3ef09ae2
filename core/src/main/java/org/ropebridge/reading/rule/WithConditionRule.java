package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "long stays", "excluding short notice" [condition] -> keeps, or leaves out, rows that meet it */
final class WithConditionRule extends Rule {
  WithConditionRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ConditionName.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ConditionName condition = match.get(2, Meaning.ConditionName.class);
    out.accept(
        new Contribution.Narrowing(
            new Filter.Meets(
                condition.table(), condition.condition(), match.isWord(0, Role.EXCLUDING)),
            !match.has(0) && !match.has(1)));
  }
}
