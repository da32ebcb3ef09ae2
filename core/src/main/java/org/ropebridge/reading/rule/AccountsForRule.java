package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "what percentage of revenue does each hut account for" [each group] [account for] -> by that
 * group
 */
final class AccountsForRule extends Rule {
  AccountsForRule() {
    super(Slot.a(Contribution.Groupings.class), Slot.word(Role.ACCOUNT_FOR));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(0, Contribution.Groupings.class));
  }
}
