package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "difference in revenue between Ossel and Brannick" [difference] [measure] [between] [value] [and]
 * [value] -> the one less the other
 */
final class DifferenceOfValuesRule extends Rule {
  DifferenceOfValuesRule() {
    super(
        Slot.a(Part.class, DifferenceOfValuesRule::isDifference),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.BETWEEN, Role.PREPOSITION),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.AND, Role.TO),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    difference(
        match.get(1, Part.class),
        match.get(3, Phrase.Values.class),
        match.get(5, Phrase.Values.class),
        out);
  }

  /** Whether it asks for a difference, and not for growth. */
  static boolean isDifference(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.DIFFERENCE))
        || part instanceof Meaning.MoveWord move && move.move() == Measure.Move.CHANGE;
  }

  /** The measure of the one value less that of the other; nothing for values of other columns. */
  static void difference(Part of, Phrase.Values one, Phrase.Values other, Consumer<Part> out) {
    boolean alike =
        one.column().equals(other.column())
            && one.stored().size() == 1
            && other.stored().size() == 1
            && !one.equals(other);
    if (alike && Operands.of(of) instanceof Measure.Basic basic) {
      out.accept(
          Contribution.Measures.of(
              new Measure.Arithmetic(
                  Measure.Operator.MINUS, of(basic, one), of(basic, other), BigDecimal.ONE)));
    }
  }

  private static Measure.Plain of(Measure.Basic basic, Phrase.Values values) {
    return new Measure.Narrowed(basic, List.of(values.filter(false)));
  }
}
