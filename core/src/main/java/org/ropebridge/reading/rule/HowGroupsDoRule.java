package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "how are our huts doing" [how are] [noun] [doing] -> the measure that the author prefers, of each
 */
final class HowGroupsDoRule extends Rule {
  HowGroupsDoRule() {
    super(
        Slot.word(Role.HOW, Role.DISTRIBUTION),
        Slot.word(Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn),
        Slot.word(Role.DOING));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<String> preferred = scope.model().preferences().topBy();
    if (match.isPlural(2) && preferred.isPresent()) {
      out.accept(
          new Contribution.GroupsTold(
              match.get(2, Phrase.Groupable.class).grouping(),
              new Measure.MetricValue(preferred.get())));
    }
  }
}
