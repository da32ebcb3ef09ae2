package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.reading.rule.Contribution.PlanPart;

/** "remove the filters", "no breakdown" [drop] [part of a question] -> all of them taken away */
final class DroppingPartsRule extends Rule {
  DroppingPartsRule() {
    super(
        Slot.word(Role.DROP),
        Slot.word(Role.FILTERS, Role.BREAKDOWN, Role.ORDERING, Role.PERIOD_PART));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.DroppingParts(
            switch (match.get(1, Meaning.FunctionWord.class).role()) {
              case FILTERS -> PlanPart.FILTERS;
              case BREAKDOWN -> PlanPart.GROUPINGS;
              case ORDERING -> PlanPart.ORDER;
              default -> PlanPart.PERIOD;
            }));
  }
}
