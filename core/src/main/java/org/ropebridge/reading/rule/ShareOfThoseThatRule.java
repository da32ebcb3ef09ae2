package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "what share of late parcels was express" [share] [noun with a filter] [what is said of them] ->
 * the part of such rows that the last is said of
 */
final class ShareOfThoseThatRule extends Rule {
  ShareOfThoseThatRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.a(Contribution.NounWith.class),
        Slot.a(Contribution.Predicate.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.NounWith noun = match.get(1, Contribution.NounWith.class);
    Filter said = match.get(2, Contribution.Predicate.class).filter();
    out.accept(
        new Contribution.Together(
            List.of(
                new Contribution.ShareOf(new Measure.RowCount(noun.table()), Optional.of(said)),
                new Contribution.Narrowing(noun.filter()))));
  }
}
