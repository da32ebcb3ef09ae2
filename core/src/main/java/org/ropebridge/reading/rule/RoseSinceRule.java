package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "has revenue gone up since last year", "did stays increase compared with last year" [has]
 * [measure] [risen] [since] [period] -> whether there is more than then
 */
final class RoseSinceRule extends Rule {
  RoseSinceRule() {
    super(
        Slot.word(Role.AUXILIARY, Role.HAVE),
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(
            Part.class,
            p -> p instanceof Meaning.ComparativeWord c && RoseSinceRule.isOfAmount(c.contrast())),
        Slot.word(Role.SINCE, Role.VERSUS),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 1.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time time = match.get(4, Phrase.Time.class);
    if (match.start() == 0 && time.period() instanceof Period.Relative) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.YesOrNo(),
                  Contribution.Measures.of(Operands.of(match.get(1, Part.class))),
                  new Contribution.ComparativeTo(
                      match.get(2, Meaning.ComparativeWord.class).contrast(), time))));
    }
  }

  private static boolean isOfAmount(Contrast contrast) {
    return contrast == Contrast.MORE || contrast == Contrast.LESS;
  }
}
