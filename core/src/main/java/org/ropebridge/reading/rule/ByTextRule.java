package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/**
 * "by note" [by] [column of free text] -> a breakdown, although a value of those words is more
 * likely meant
 */
final class ByTextRule extends Rule {
  ByTextRule() {
    super(Slot.word(Role.PREPOSITION).maybe(), Slot.word(Role.BY), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping grouping = match.get(2, Phrase.Groupable.class).grouping();
    if (ByRule.isFreeText(grouping, scope)) {
      out.accept(new Contribution.Groupings(List.of(grouping)));
    }
  }
}
