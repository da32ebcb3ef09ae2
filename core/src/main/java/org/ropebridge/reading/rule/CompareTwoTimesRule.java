package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "compare revenue between May and April 2025" [compare] [measure] [time] [to] [time] -> the two
 * beside each other
 */
final class CompareTwoTimesRule extends Rule {
  CompareTwoTimesRule() {
    super(
        Slot.word(Role.COMPARE),
        Slot.a(Part.class, Operands::isOperand).maybe(),
        Slot.word(Role.PREPOSITION, Role.BETWEEN, Role.FROM).maybe(),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.TO, Role.AND, Role.WITH),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(3, Phrase.Time.class);
    Phrase.Time two = match.get(5, Phrase.Time.class);
    Filter in = new Filter.InPeriod(one.period(), Optional.empty(), false);
    List<Contribution> parts = new ArrayList<>();
    parts.add(new Contribution.SideBySide());
    match.find(1, Part.class).ifPresent(p -> parts.add(Contribution.Measures.of(Operands.of(p))));
    parts.add(new Contribution.Narrowing(in, false, !one.yearSaid()));
    parts.add(new Contribution.VersusTime(two, Contribution.With.COMPARE));
    out.accept(new Contribution.Together(parts));
  }
}
