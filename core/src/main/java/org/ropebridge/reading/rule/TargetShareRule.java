package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "percentage of target reached", "how much of its target did each team reach", "target attainment"
 * [share] [metric that says what another is to be] [breakdown] [reached] -> the other as a part of
 * it
 */
final class TargetShareRule extends Rule {
  TargetShareRule() {
    super(
        Slot.word(Role.SHARE).maybe(),
        Slot.a(Meaning.MetricName.class),
        Slot.word(Role.AUXILIARY).maybe(),
        Slot.a(Contribution.Groupings.class).maybe(),
        Slot.word(Role.REACHED, Role.ATTAINMENT));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean share = match.has(0) && match.isWord(4, Role.REACHED);
    boolean attainment =
        !match.has(0) && !match.has(2) && !match.has(3) && match.isWord(4, Role.ATTAINMENT);
    if (!share && !attainment) {
      return;
    }
    scope
        .target(match.get(1, Meaning.MetricName.class).metric())
        .map(t -> Contribution.Measures.of(t.measureReached()))
        .ifPresent(
            part ->
                out.accept(
                    match
                        .find(3, Contribution.Groupings.class)
                        .<Contribution>map(g -> new Contribution.Together(List.of(part, g)))
                        .orElse(part)));
  }
}
