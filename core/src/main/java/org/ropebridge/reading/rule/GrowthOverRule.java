package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "valleys with growth of more than 10 %" [something to group by] [growth] [measure] [comparison]
 * -> those that moved so far
 */
final class GrowthOverRule extends Rule {
  GrowthOverRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.HAVE, Role.WITH, Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand).maybe(),
        Slot.a(Meaning.MoveWord.class, w -> w.move() == Measure.Move.GROWTH),
        Slot.a(Part.class, Operands::isOperand).maybe(),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Drifted grown =
        new Contribution.Drifted(
            Contrast.MORE,
            Measure.Move.GROWTH,
            match.find(2, Part.class).or(() -> match.find(4, Part.class)).map(Operands::of),
            Optional.empty(),
            Optional.of(
                new Contribution.Subject(
                    match.get(0, Phrase.Groupable.class).grouping(), match.isPlural(0))));
    if (match.get(5, Phrase.Comparing.class).unit().equals(Optional.of(Keeps.PERCENT))) {
      Drifting.by(grown, match.get(5, Phrase.Comparing.class)).ifPresent(out);
    }
  }
}
