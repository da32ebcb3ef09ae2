package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "by how much is each valley below the average in revenue" [difference] [each] [breakdown] [from]
 * [level] [measure] -> how far each is from it
 */
final class HowFarRule extends Rule {
  HowFarRule() {
    super(
        Slot.word(Role.DIFFERENCE),
        Slot.word(Role.BY, Role.EVERY).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.FROM, Role.BELOW, Role.ABOVE),
        Slot.a(Meaning.LevelWord.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.SpannedMeasure(
            new Measure.Distance(
                Operands.of(match.get(6, Part.class)),
                match.get(4, Meaning.LevelWord.class).level()),
            match.get(2, Phrase.Groupable.class).grouping()));
  }
}
