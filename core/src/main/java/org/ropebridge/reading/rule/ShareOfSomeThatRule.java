package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "share of website stays that were cancelled", "share of express parcels that came late" [share]
 * [filter] [noun] [what is said of them] -> the part of the first that the last is said of
 */
final class ShareOfSomeThatRule extends Rule {
  ShareOfSomeThatRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare),
        Slot.a(Part.class, Operands::isBasic),
        Slot.a(Part.class, ShareOfSomeThatRule::isSaid));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter said =
        match
            .find(3, Contribution.Predicate.class)
            .map(Contribution.Predicate::filter)
            .orElseGet(() -> match.get(3, Contribution.Narrowing.class).filter());
    out.accept(
        new Contribution.Together(
            List.of(
                new Contribution.ShareOf(Operands.of(match.get(2, Part.class)), Optional.of(said)),
                match.get(1, Contribution.Narrowing.class))));
  }

  private static boolean isSaid(Part part) {
    return part instanceof Contribution.Predicate
        || part instanceof Contribution.Narrowing narrowing && narrowing.bare();
  }
}
