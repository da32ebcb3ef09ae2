package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "repairs that nobody visited" [nobody] [what was done] -> rows of which its date is missing */
final class NobodyDidRule extends Rule {
  NobodyDidRule() {
    super(Slot.word(Role.NOBODY), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef done = match.get(1, Meaning.ColumnName.class).column();
    if (scope.isTemporal(done) && match.isParticiple(1)) {
      out.accept(new Contribution.Narrowing(new Filter.Missing(done, false)));
    }
  }
}
