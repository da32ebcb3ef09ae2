package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "the 3 huts that grew the most", "huts that lost guests" [number] [something to group by]
 * [movement] -> what is told of them
 */
final class GroupDriftedRule extends Rule {
  GroupDriftedRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Phrase.Groupable.class),
        Slot.a(Contribution.Drifted.class, d -> d.subject().isEmpty()));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Drifted drifted = match.get(2, Contribution.Drifted.class);
    if (match.has(0) && drifted.most().isEmpty()) {
      return;
    }
    out.accept(
        drifted.with(
            new Contribution.Subject(
                match.get(1, Phrase.Groupable.class).grouping(),
                match.isPlural(1),
                match
                    .find(0, Meaning.NumberWord.class)
                    .map(n -> Times.smallWhole(n.number()))
                    .filter(n -> n >= 1))));
  }
}
