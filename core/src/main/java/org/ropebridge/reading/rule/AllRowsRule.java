package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "all members" [all] [noun, in the plural] -> those rows are wanted */
final class AllRowsRule extends Rule {
  AllRowsRule() {
    super(Slot.word(Role.WHOLLY), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() == 0 && match.isPlural(1)) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.Showing(),
                  new Contribution.Noun(match.get(1, Meaning.RowNoun.class).table()))));
    }
  }
}
