package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "all huts but Larkspur" [groups] [but] [values] -> rows of all others */
final class AllButRule extends Rule {
  AllButRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.BUT), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    String table = match.get(0, Meaning.RowNoun.class).table();
    if (match.isPlural(0) && values.column().table().equals(table)) {
      out.accept(new Contribution.NounWith(table, values.filter(true)));
    }
  }
}
