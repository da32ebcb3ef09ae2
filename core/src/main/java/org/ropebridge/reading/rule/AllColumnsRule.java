package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "show all columns" [all columns] -> every column of the rows that are listed */
final class AllColumnsRule extends Rule {
  AllColumnsRule() {
    super(Slot.word(Role.ALL_COLUMNS));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.AllColumns());
  }
}
