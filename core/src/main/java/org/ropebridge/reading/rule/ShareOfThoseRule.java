package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "what share was cancelled", "what percentage of them came from members" [share] [those] [what
 * narrows] -> that part of what was counted
 */
final class ShareOfThoseRule extends Rule {
  ShareOfThoseRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.word(Role.THOSE, Role.THAT).maybe(),
        Slot.word(Role.BE, Role.AUXILIARY, Role.HAPPENING).maybe(),
        Slot.a(Part.class, ShareOfThoseRule::narrows));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(3, Part.class);
    out.accept(
        new Contribution.ShareOfThose(
            part instanceof Contribution.Narrowing narrowing
                ? narrowing.filter()
                : ((Contribution.Predicate) part).filter()));
  }

  private static boolean narrows(Part part) {
    return part instanceof Contribution.Predicate
        || part instanceof Contribution.Narrowing narrowing
            && !(narrowing.filter() instanceof Filter.InPeriod)
            && !(narrowing.filter() instanceof Filter.Recurring);
  }
}
