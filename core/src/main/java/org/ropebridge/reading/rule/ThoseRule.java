package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "those huts", "of these", "that hut", "for each of those" [those] [noun] -> what the answer
 * before shows
 */
final class ThoseRule extends Rule {
  ThoseRule() {
    super(
        Slot.word(Role.THOSE, Role.EACH_OF_THOSE, Role.THAT),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<String> table = match.find(1, Meaning.RowNoun.class).map(Meaning.RowNoun::table);
    if (table.isPresent() || !match.isWord(0, Role.THAT)) {
      out.accept(new Contribution.Those(table, match.isWord(0, Role.EACH_OF_THOSE)));
    }
  }
}
