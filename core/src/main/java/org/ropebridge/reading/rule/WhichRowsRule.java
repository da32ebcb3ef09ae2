package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which callouts were serious" [which] [noun of rows without names] -> those rows, each of them
 */
final class WhichRowsRule extends Rule {
  WhichRowsRule() {
    super(Slot.word(Role.WHICH), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    if (match.isPlural(1) && scope.namingColumn(table).isEmpty()) {
      out.accept(
          new Contribution.Together(
              List.of(new Contribution.Noun(table), new Contribution.Showing())));
    }
  }
}
