package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Plan;

/** "one chart per valley" [small charts] [something to group by] -> a chart for each */
final class PictureForRule extends Rule {
  PictureForRule() {
    super(
        Slot.a(Meaning.PictureWord.class, w -> w.picture() == Plan.Picture.SMALL_MULTIPLES),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                new Contribution.Groupings(
                    List.of(match.get(1, Phrase.Groupable.class).grouping())),
                new Contribution.Shown(Plan.Picture.SMALL_MULTIPLES))));
  }
}
