package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how much of the budget of each team was spent" [share] [measure] [breakdown] [was] [measure, as
 * what was done] -> this measure as a part of the other, in the same unit
 */
final class PartSpentRule extends Rule {
  PartSpentRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(Contribution.Groupings.class).maybe(),
        Slot.word(Role.BE, Role.AUXILIARY),
        Slot.a(
            Contribution.Measures.class,
            m -> m.measures().size() == 1 && m.measures().get(0) instanceof Measure.Plain));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain whole = Operands.of(match.get(1, Part.class));
    Measure.Plain part =
        (Measure.Plain) match.get(4, Contribution.Measures.class).measures().get(0);
    Optional<String> unit = scope.unitOf(whole);
    boolean alike = !whole.equals(part) && unit.isPresent() && unit.equals(scope.unitOf(part));
    if (match.isParticiple(4) && alike) {
      Contribution share =
          Contribution.Measures.of(
              new Measure.Arithmetic(Measure.Operator.DIVIDED_BY, part, whole));
      out.accept(
          match
              .find(2, Contribution.Groupings.class)
              .<Contribution>map(by -> new Contribution.Together(List.of(share, by)))
              .orElse(share));
    }
  }
}
