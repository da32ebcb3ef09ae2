package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/**
 * "party size", "supply weight" [number column] -> the statistic that its author says a bare column
 * means
 */
final class BareColumnRule extends Rule {
  BareColumnRule() {
    super(Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef ref = match.get(0, Meaning.ColumnName.class).column();
    scope
        .meantByColumn(ref)
        .ifPresent(m -> out.accept(new Contribution.Measures(List.of(m), true)));
  }
}
