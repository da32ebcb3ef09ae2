package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;

/**
 * "months with more than 100 callouts", "months in 2025 where revenue was below 10,000", "days on
 * which we had over 15 stays" [which] [unit of time] [in which] [condition on a number] -> that
 * number in every span, of those that meet it
 */
final class SpansWithRule extends Rule {
  SpansWithRule() {
    super(
        Slot.word(Role.WHICH, Role.LIST).maybe(),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByTime),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.InPeriod).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.WHICH, Role.WHEN, Role.WHERE).maybe(),
        Slot.a(Contribution.Keeping.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Keeping keeping = match.get(5, Contribution.Keeping.class);
    if (match.isPlural(1)) {
      List<Contribution> parts = new ArrayList<>();
      parts.add(new Contribution.Measures(List.of(keeping.keep().measure())));
      parts.add(
          new Contribution.Groupings(List.of(match.get(1, Phrase.Groupable.class).grouping())));
      match.find(2, Contribution.Narrowing.class).ifPresent(parts::add);
      parts.add(new Contribution.Keeping(keeping.keep(), true, keeping.among()));
      out.accept(new Contribution.Together(parts));
    }
  }
}
