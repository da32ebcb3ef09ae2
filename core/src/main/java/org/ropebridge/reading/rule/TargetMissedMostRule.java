package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "over budget the most", "missed the sales target by most" [missed or reached, or a comparison]
 * [metric that says what another is to be] [most] -> what is farthest from it on that side
 */
final class TargetMissedMostRule extends Rule {
  TargetMissedMostRule() {
    super(
        Slot.a(Part.class, TargetMetRule::isCompared),
        Slot.a(Meaning.MetricName.class),
        Slot.word(Role.BY).maybe(),
        Slot.a(Meaning.SuperlativeWord.class, Meaning.SuperlativeWord::most));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.Comparison comparison = TargetMetRule.comparison(match.get(0, Part.class));
    boolean below =
        comparison == Filter.Comparison.LESS_THAN || comparison == Filter.Comparison.AT_MOST;
    scope
        .target(match.get(1, Meaning.MetricName.class).metric())
        .ifPresent(
            target ->
                out.accept(
                    new Contribution.Extreme(
                        below ? Contribution.Direction.BOTTOM : Contribution.Direction.TOP,
                        target.measureOver())));
  }
}
