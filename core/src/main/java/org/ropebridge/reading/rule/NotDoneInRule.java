package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "not placed on the website" [not] [done] [in, by] [values] -> rows with other values */
final class NotDoneInRule extends Rule {
  NotDoneInRule() {
    super(
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.NOT, Role.EXCLUDING),
        Slot.a(Part.class, NotDoneInRule::mayBeDone),
        Slot.word(Role.PREPOSITION, Role.BY, Role.MADE_BY, Role.FROM).maybe(),
        Slot.a(Phrase.Values.class));
  }

  private static boolean mayBeDone(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.DONE_SOMEHOW)) || Relations.mayBeDone(part);
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isParticiple(2)) {
      return;
    }
    Phrase.Values values = match.get(4, Phrase.Values.class);
    out.accept(new Contribution.Narrowing(values.filter(true)));
  }
}
