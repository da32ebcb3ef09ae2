package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "members with more than 5 stays", "huts that had at least 3 callouts" [noun] [condition on a
 * measure] -> the rows of that table that meet it
 */
final class GroupedRule extends Rule {
  GroupedRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.a(Contribution.Keeping.class, k -> !k.ofPlan()));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Keeping keeping = match.get(1, Contribution.Keeping.class);
    out.accept(
        new Contribution.Grouped(
            match.get(0, Meaning.RowNoun.class).table(), keeping.keep(), keeping.among()));
  }
}
