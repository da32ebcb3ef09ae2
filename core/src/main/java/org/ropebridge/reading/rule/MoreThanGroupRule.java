package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/**
 * "huts with more revenue than Larkspur", "which hut had fewer stays than Quill" [groups] [with]
 * [more] [measure] [than] [value] -> those groups beyond it
 */
final class MoreThanGroupRule extends Rule {
  MoreThanGroupRule() {
    super(
        Slot.word(Role.WHICH).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.WITH, Role.HAVE, Role.PREPOSITION).maybe(),
        Slot.a(
            Meaning.ComparativeWord.class,
            c -> c.contrast() == Contrast.MORE || c.contrast() == Contrast.LESS),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.VERSUS),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 1));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values group = match.get(7, Phrase.Values.class);
    Grouping groups = match.get(1, Phrase.Groupable.class).grouping();
    if (groups.equals(new Grouping.ByColumn(group.column()))) {
      boolean above = match.get(3, Meaning.ComparativeWord.class).contrast() == Contrast.MORE;
      out.accept(
          KeepBesideGroupRule.told(
              Operands.of(match.get(4, Part.class)),
              new Phrase.BesideGroup(above, group.column(), group.stored().get(0))));
    }
  }
}
