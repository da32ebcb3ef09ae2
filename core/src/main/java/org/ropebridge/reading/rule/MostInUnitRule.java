package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "most stays in one day" [most] [measure] [in] [one] [unit of time] -> the highest of the units
 */
final class MostInUnitRule extends Rule {
  MostInUnitRule() {
    super(
        Slot.a(
            Meaning.SuperlativeWord.class, s -> s.isOfAnything() || s.dimension().equals("amount")),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PREPOSITION),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(4) && (!match.has(3) || Times.count(match, 3, 1) == 1)) {
      boolean most = match.get(0, Meaning.SuperlativeWord.class).most();
      Operands.overParts(
              most ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM,
              Operands.of(match.get(1, Part.class)),
              new Phrase.Groupable(
                  new Grouping.ByTime(
                      match.get(4, Meaning.TimeUnitWord.class).grouping(), Optional.empty())),
              scope)
          .ifPresent(out);
    }
  }
}
