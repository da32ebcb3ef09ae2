package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "callouts via bridge from hut" [noun] [via] [role] -> rows that point by that role */
final class NounViaRule extends Rule {
  NounViaRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.VIA), Slot.a(Meaning.RoleName.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.NounVia(
            match.get(0, Meaning.RowNoun.class).table(),
            match.get(2, Meaning.RoleName.class).role()));
  }
}
