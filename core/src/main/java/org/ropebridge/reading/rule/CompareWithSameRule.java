package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "compare stays in May 2025 to stays in May 2024" [to] [measure] [period] -> the same measure
 * beside its value then, if "compare" is said
 */
final class CompareWithSameRule extends Rule {
  CompareWithSameRule() {
    super(
        Slot.word(Role.WITH, Role.TO),
        Slot.a(Part.class, CompareWithSameRule::maySayAgain),
        Slot.word(Role.PREPOSITION),
        Slot.a(Phrase.Time.class));
  }

  /** "number of different huts with stays" is too long to be said twice. */
  private static boolean maySayAgain(Part part) {
    return Operands.isOperand(part) && !(Operands.of(part) instanceof Measure.DistinctRows);
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution versus =
        new Contribution.VersusTime(match.get(3, Phrase.Time.class), Contribution.With.COMPARE);
    out.accept(Contribution.Again.with(match, 1, versus));
  }
}
