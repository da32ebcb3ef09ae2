package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/** "by whether long stay" [whether] [condition] -> what meets it, and what does not */
final class WhetherRule extends Rule {
  WhetherRule() {
    super(Slot.word(Role.WHETHER), Slot.a(Meaning.ConditionName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ConditionName condition = match.get(1, Meaning.ConditionName.class);
    out.accept(
        new Phrase.Groupable(new Grouping.ByCondition(condition.table(), condition.condition())));
  }
}
