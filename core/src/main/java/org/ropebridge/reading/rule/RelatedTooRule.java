package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "huts with callouts and repairs" [rows at which some point] [and] [noun] -> both */
final class RelatedTooRule extends Rule {
  RelatedTooRule() {
    super(
        Slot.a(Contribution.Related.class),
        Slot.word(Role.AND),
        Slot.word(Role.NONE, Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Related first = match.get(0, Contribution.Related.class);
    String table = match.get(3, Meaning.RowNoun.class).table();
    boolean negated = match.has(2) ? match.isWord(2, Role.NONE) : first.negated();
    if (scope.pointsAt(table, first.anchor()) && !table.equals(first.table())) {
      out.accept(
          new Contribution.RelatedBoth(
              first, new Contribution.Related(first.anchor(), table, List.of(), negated)));
    }
  }
}
